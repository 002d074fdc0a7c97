import { Panel } from '../../ui/Panel';
import { dayOfMoment } from '@jubbet/core/quantity';
import { inForce, type Movement, type ShelvedBottle } from '@jubbet/core/stock';
import { dayWords, formatNumber, movementWords, shelfWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { NumberUnder, SelectField, TextField } from '../../ui/Field';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import type { MovementRecord } from '../../store/database';
import { ledger } from '../../store/ledger';
import { useStored } from '../../store/useStored';

const acts = {
  counted: 'Recounted',
  spilled: 'Spilled',
  'given-away': 'Given away',
  'thrown-away': 'Thrown away',
  decanted: 'Decanted into another bottle',
} as const;
type Act = keyof typeof acts;

/** One line more for the ledger. */
const Entry = ({ bottleId, bottle }: { bottleId: string; bottle: ShelvedBottle }) => {
  const write = useWrite();
  const tell = useNotice();
  const [act, setAct] = useState<Act>('counted');
  const [amount, setAmount] = useState<number | null>(null);
  const [why, setWhy] = useState('');
  const [size, setSize] = useState<number | null>(null);
  const canSave =
    amount !== null &&
    (act !== 'counted' || why.trim() !== '') &&
    (act !== 'decanted' || size !== null);
  const save = async (): Promise<void> => {
    if (amount === null) return;
    const saved = await write('The change', async () => {
      switch (act) {
        case 'counted':
          await ledger.countAnew(bottleId, amount, why);
          break;
        case 'decanted':
          await ledger.decant(bottleId, amount, size ?? amount);
          break;
        default:
          await ledger.takeOut(bottleId, { kind: act, amount, why: why.trim() });
      }
      return true;
    });
    if (!saved) return;
    if (act === 'decanted') tell({ text: 'The other bottle is on the shelf, of the same lot.' });
    setSize(null);
    setAmount(null);
    setWhy('');
  };
  return (
    // The page around it is a form of its own: Enter here saves this line and nothing else.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <div
      role="group"
      aria-label={shelfWords.changeWhatIsLeft}
      className="flex flex-wrap items-end gap-4"
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
        event.preventDefault();
        if (canSave) void save();
      }}
    >
      <SelectField
        label="What happened"
        value={act}
        choices={Object.entries(acts) as [Act, string][]}
        onChoose={setAct}
      />
      <NumberUnder
        name="How much"
        label={
          act === 'counted' ? `Left in it now, in ${bottle.unit}` : `How much, in ${bottle.unit}`
        }
        className="w-24"
        value={amount}
        rule={{ least: 0, above: act !== 'counted', most: 20_000 }}
        onNumber={setAmount}
        onEmpty={() => setAmount(null)}
      />
      {act === 'decanted' ? (
        <NumberUnder
          name={`Into a bottle of, in ${bottle.unit}`}
          className="w-24"
          value={size}
          rule={{ least: 0, above: true, most: 20_000 }}
          onNumber={setSize}
          onEmpty={() => setSize(null)}
        />
      ) : (
        <TextField
          label="Why"
          className="w-64"
          maxLength={500}
          required={act === 'counted'}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
        />
      )}
      <Button disabled={!canSave} onClick={() => void save()}>
        Save the change
      </Button>
    </div>
  );
};

const Line = ({
  record: { id, at, movement },
  counts,
  unit,
}: {
  record: MovementRecord;
  /** False where it was undone. */
  counts: boolean;
  unit: 'ml' | 'g';
}) => {
  const write = useWrite();
  return (
    <li className="flex min-h-11 flex-wrap items-center gap-x-4 border-b border-line py-1 last:border-0">
      <span className="w-28 text-sm text-soft">{dayWords(dayOfMoment(at))}</span>
      <span className={clsx('min-w-52 flex-1', !counts && 'text-soft line-through')}>
        {movementWords(movement, unit)}
        {movement.kind === 'decanted' && (
          <>
            {' into '}
            <Link to={`/shelf/${movement.into}`} className="text-press">
              another bottle
            </Link>
          </>
        )}
        {movement.kind === 'used' && (
          <>
            {' in '}
            <Link to={`/batches/${movement.batchId}`} className="text-press">
              batch {movement.batchNumber}
            </Link>
          </>
        )}
      </span>
      {counts && (movement.kind === 'used' || movement.kind === 'finished') ? null : counts ? (
        <Button
          look="quiet"
          aria-label={`Undo: ${movementWords(movement, unit)}`}
          onClick={() => void write('The change', () => ledger.undo(id))}
        >
          Undo
        </Button>
      ) : (
        <span className="px-3.5 text-sm text-soft">undone</span>
      )}
    </li>
  );
};

const isUndoing = ({ kind }: Movement): boolean => kind === 'undone';

/** What came and went in a bottle, and what is left by that. */
export const Ledger = ({ bottleId, bottle }: { bottleId: string; bottle: ShelvedBottle }) => {
  const { data = [] } = useStored(['movements', bottleId], () => ledger.of(bottleId));
  const counting = new Set(inForce(data).map(({ id }) => id));
  const { unit, size, atStart, left, openedOn } = bottle;
  return (
    <Panel aria-label="What is left" className="grid gap-3 px-5 py-4">
      <ButtonLink
        look="quiet"
        className="justify-self-start"
        to={`/recall?bottle=${encodeURIComponent(bottleId)}`}
      >
        {shelfWords.whoHasIt}
      </ButtonLink>
      <h2 className="order-first text-lg">
        {formatNumber(left, 3)} {unit} left
        <span className="text-base font-normal text-soft">
          {' '}
          of {formatNumber(size, 3)} {unit}
        </span>
      </h2>
      <Entry bottleId={bottleId} bottle={bottle} />
      <ul>
        {[...data]
          .reverse()
          .filter(({ movement }) => !isUndoing(movement))
          .map((record) => (
            <Line key={record.id} record={record} counts={counting.has(record.id)} unit={unit} />
          ))}
        <li className="flex min-h-11 flex-wrap items-center gap-x-4 py-1 text-soft">
          <span className="w-28 text-sm">{openedOn ? dayWords(openedOn) : ''}</span>
          <span>
            {shelfWords.onTheShelfWith(openedOn !== null, `${formatNumber(atStart, 3)} ${unit}`)}
          </span>
        </li>
      </ul>
    </Panel>
  );
};
