import { nameIn } from '@jubbet/core/catalog';
import type { ToBuy } from '@jubbet/core/stock';
import { countedWords, formatNumber } from '@jubbet/core/words';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { Section } from '../../ui/Section';
import { useToBuy } from '../../parts/useToBuy';

const mostShown = 4;

const howLong = ({ left, unit, days }: ToBuy): string => {
  if (left <= 0) return 'empty';
  const amount = `${formatNumber(left, 3)} ${unit}`;
  return days === null
    ? `${amount} left`
    : `${amount}, ${days < 1 ? 'a day' : countedWords(Math.floor(days), 'day')} at your pace`;
};

/** What runs out soon, the soonest first, with how full its last bottle is. */
export const RunningShort = () => {
  const catalog = useCatalog();
  const short = useToBuy();
  if (!short || short.length === 0) return null;
  return (
    <Section title="Running short">
      <ul className="grid gap-2">
        {short.slice(0, mostShown).map((entry) => (
          <li key={`${entry.materialId}/${entry.unit}`}>
            {nameIn(catalog, entry.materialId)}{' '}
            <span className="text-sm text-soft">{howLong(entry)}</span>
            <span aria-hidden className="mt-1 block h-2 rounded-full bg-line">
              <span
                className="block h-2 rounded-full bg-amber"
                style={{
                  width: `${Math.max(2, Math.min(100, (100 * entry.left) / entry.last.bottle.size))}%`,
                }}
              />
            </span>
          </li>
        ))}
      </ul>
      {short.length > mostShown && (
        <p className="text-sm text-soft">and {short.length - mostShown} more</p>
      )}
      <div>
        <ButtonLink to="/shelf/shopping">Shopping list</ButtonLink>
      </div>
    </Section>
  );
};
