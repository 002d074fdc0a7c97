import { unique } from '../../quantity';
import { figureSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';

/**
 * Rule 11. Age of the oil, from the bottle on the shelf: past its printed date or past
 * what it keeps once opened. Oils that oxidise easily sensitise skin when they have; those
 * are over, others a caution. Without a bottle on the shelf nothing is known of it: where an oil
 * oxidises easily, that is asked.
 */
export const oilAge = ({ mixture, poured }: Question): Finding[] => {
  const notKnown = mixture.oils
    .filter(({ oil, bottle }) => !bottle && oil.oxidation === 'high')
    .map(({ oil }) =>
      finding({
        rule: 'oil-age',
        verdict: 'note',
        subject: oil.id,
        source: 'RECALL',
        reason: { code: 'oil-age-not-known' },
      }),
    );
  // A ready-made blend has the date of its own bottle.
  const bottled = unique(
    [...mixture.oils, ...poured.oils.filter(({ oil }) => oil.madeOf)].flatMap(({ oil, bottle }) =>
      bottle ? [{ oil, bottle }] : [],
    ),
    ({ oil }) => oil.id,
  );
  const found = bottled.flatMap(({ oil, bottle }): Finding[] =>
    bottle.past
      ? [
          finding({
            rule: 'oil-age',
            verdict: oil.oxidation === 'high' ? 'over' : 'caution',
            subject: oil.id,
            source:
              bottle.because === 'printed'
                ? 'the date on the bottle'
                : figureSource(oil, 'shelf', 'RECALL'),
            reason: { code: 'oil-age', bottle },
          }),
        ]
      : [],
  );
  if (found.length > 0 || bottled.length === 0) return [...found, ...notKnown];
  return [
    ...notKnown,
    finding({
      rule: 'oil-age',
      verdict: 'within',
      source: 'RECALL',
      reason: { code: 'nothing-found' },
    }),
  ];
};
