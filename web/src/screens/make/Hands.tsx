import type { Hand } from '@jubbet/protocol';
import { doByHand } from '../../devices/benchServer';
import { panelButton } from './panel';
import { useCommand } from './useCommand';

/** Hands for a simulated device, on which nothing lies and in which nothing is. */
export const Hands = ({
  deviceId,
  acts,
}: {
  deviceId: string;
  acts: readonly { readonly label: string; readonly hand: Hand }[];
}) => {
  const command = useCommand();
  return (
    <div className="flex flex-wrap items-center gap-2 text-[14px]">
      <span className="text-soft">Practise:</span>
      {acts.map(({ label, hand }) => (
        <button
          key={label}
          type="button"
          className={panelButton}
          onClick={() => command(() => doByHand(deviceId, hand))}
        >
          {label}
        </button>
      ))}
    </div>
  );
};
