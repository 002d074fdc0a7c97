import { fillingsOf, type Blend, type BlendDraft, type Mixture } from '@jubbet/core';
import { Glass, widthMm } from '../../parts/Glass';

/** So many kinds of vessel are drawn; more are told in words. */
const drawn = 4;

/** The vessels of a blend, each kind once and all to one scale. */
export const Glasses = ({
  draft,
  blend,
  mixture,
}: {
  draft: BlendDraft;
  blend: Blend | null;
  mixture: Mixture | null;
}) => {
  const fillings = fillingsOf(draft).slice(0, drawn);
  const span = Math.max(...fillings.map(({ vessel }) => widthMm(vessel)));
  const [first] = fillings;
  if (fillings.length === 1 && first) {
    // A bottle filled by amounts alone has its own line.
    const vessel = blend && !blend.inOne ? blend.formula.vessel : first.vessel;
    return <Glass vessel={vessel} mixture={mixture} poured={blend?.inOne ?? false} />;
  }
  return (
    <div className="grid w-full gap-3">
      {fillings.map(({ vessel, count }, index) => (
        <figure key={index} className="flex items-center gap-1">
          <figcaption className="w-8 text-sm text-soft">{count} ×</figcaption>
          <Glass vessel={vessel} mixture={mixture} poured spanMm={span} />
        </figure>
      ))}
    </div>
  );
};
