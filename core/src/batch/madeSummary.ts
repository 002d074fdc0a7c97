import type { Evaluation } from '../drops';
import { strengthBy } from '../mixture';
import type { MadeContents, MadeSummary } from './outcome';
import type { Finding } from '../limits';
import type { Made, MadeContainer } from './made';
import { mixtureBestBefore, type BestBefore } from './bestBefore';
import type { Day } from '../quantity';

const filledOf = ({ containers }: Made): readonly MadeContainer[] =>
  containers.filter(({ isEmpty }) => !isEmpty);

/** The earliest date of the containers of a batch; null where nothing is in any. */
export const madeBestBefore = (made: Made, madeOn: Day): BestBefore | null =>
  filledOf(made)
    .map(({ evaluation }) => mixtureBestBefore(madeOn, evaluation.mixture))
    .sort((a, b) => a.date.localeCompare(b.date))[0] ?? null;

/** What is against a batch, of all its containers; what is the same of several once. */
export const madeFindings = (made: Made): readonly Finding[] => [
  ...new Map(
    filledOf(made).flatMap(({ evaluation }) =>
      evaluation.findings
        .filter(({ verdict }) => verdict !== 'within' && verdict !== 'note')
        .map(
          (finding) =>
            [
              JSON.stringify([finding.rule, finding.subject, finding.reason, finding.value]),
              finding,
            ] as const,
        ),
    ),
  ).values(),
];

const contentsOf = ({ blend, containers }: Made): MadeContents[] => {
  const alike = new Map<Evaluation, readonly [MadeContainer, ...MadeContainer[]]>();
  for (const container of containers) {
    if (container.isEmpty) continue;
    const [first, ...more] = alike.get(container.evaluation) ?? [];
    alike.set(container.evaluation, first ? [first, ...more, container] : [container]);
  }
  return [...alike].map(([{ mixture, verdict }, same]) => ({
    numbers: same.map(({ number }) => number),
    container: {
      kind: same[0].container.kind,
      nominalMl: same[0].container.nominalMl,
    },
    ml: mixture.fillMl,
    g: mixture.totalG.likely,
    percent: strengthBy(mixture, blend.formula.by).likely,
    verdict,
    oils: mixture.oils
      .filter(({ ml }) => ml.likely > 0)
      .map(({ oil: { id, name }, drops, ml, g }) => ({
        id,
        name,
        drops,
        ml: ml.likely,
        g: g.likely,
      })),
    bases: mixture.bases.map(({ base: { id, name }, ml, g }) => ({
      id,
      name,
      ml: ml.likely,
      g: g.likely,
    })),
  }));
};

/**
 * What came of a batch, for its record: lists show it, and it stays what it was.
 *
 * @param today on which it is judged
 */
export const summaryOf = (made: Made, madeOn: Day, today: Day): MadeSummary => {
  const contents = contentsOf(made);
  const percents = contents.map(({ percent }) => percent);
  return {
    verdict: made.verdict,
    blocking: made.blocking,
    percent: percents.length > 0 ? [Math.min(...percents), Math.max(...percents)] : null,
    bestBefore: madeBestBefore(made, madeOn)?.date ?? null,
    judgedOn: today,
    contents,
  };
};
