import { madeBestBefore, type Made } from '@jubbet/core/batch';
import { madePieces } from '@jubbet/core/label';
import {
  batchesWords,
  dayWords,
  fillingsWords,
  formatPercent,
  nameInSentence,
  nameOrNone,
  piecesWords,
  strengthWords,
  volumeWords,
  wearerWords,
} from '@jubbet/core/words';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useCatalog } from '../../parts/catalog';
import { Glass } from '../../parts/Glass';
import { useUnits } from '../../parts/useUnits';
import { VerdictMark } from '../../parts/VerdictMark';
import type { BatchRecord } from '../../store/database';
import { today } from '../../store/now';
import { Panel } from '../../ui/Panel';

/** What it really went into; planned containers where nothing is in any yet. */
const intoWords = (made: Made): string => {
  const pieces = madePieces(made);
  return pieces.length > 0 ? piecesWords(pieces) : fillingsWords(made.blend.fillings);
};

/** Several figures as one range of strengths: `3.2 %`, `2.9 to 3.4 %`. */
const strengthsOf = ({ blend, containers }: Made): string => {
  const words = containers
    .filter(({ isEmpty }) => !isEmpty)
    .map(({ evaluation }) => strengthWords(evaluation.mixture, blend.formula.by));
  const unique = [...new Set(words)];
  return unique.length > 0 ? unique.join('; ') : 'nothing in it yet';
};

const BestBefore = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const catalog = useCatalog();
  const until = madeBestBefore(made, batch.madeOn);
  if (!until) return <>–</>;
  return (
    <>
      {dayWords(until.date)}
      <span className="text-soft">
        ,{' '}
        {until.because
          ? `set by ${nameInSentence(catalog, until.because)}`
          : 'twelve months after making'}
      </span>
    </>
  );
};

const Fact = ({ name, children }: { name: string; children: ReactNode }) => (
  <div className="min-w-0">
    <dt className="text-sm text-soft">{name}</dt>
    <dd>{children}</dd>
  </div>
);

/** Verdict, strength, for whom, what came out, best before, cost. */
export const Summary = ({
  batch,
  made,
  cost,
}: {
  batch: BatchRecord;
  made: Made;
  cost: string | null;
}) => {
  const units = useUnits();
  const { blend } = made;
  const [first] = made.containers.filter(({ isEmpty }) => !isEmpty);
  const isOpen = batch.finishedAt === null;
  // What was said when it was finished stays.
  const summary = batch.made ?? { ...made, judgedOn: today() };
  const blocked = summary.blocking ? { word: batchesWords.overDoNotUse } : {};
  const mixture = first?.evaluation.mixture ?? null;
  return (
    <Panel aria-label="In short" className="flex flex-wrap items-center gap-x-6 gap-y-3 px-5 py-4">
      <div className="w-20 flex-none max-sm:hidden print:hidden">
        <Glass
          container={blend.inOne || !first ? blend.formula.container : first.container}
          mixture={mixture}
          poured={blend.inOne}
        />
      </div>
      <div className="min-w-48">
        {isOpen ? (
          <p className="text-soft">On the bench</p>
        ) : (
          <p className="font-semibold">
            {batch.notToBeUsed ? (
              <VerdictMark verdict="over" word={batchesWords.doNotUse} />
            ) : (
              <VerdictMark verdict={summary.verdict} {...blocked} />
            )}
          </p>
        )}
        <p className="font-serif text-2xl">
          {strengthsOf(made)}
          {isOpen && !made.isEmpty && <span className="text-base text-soft"> so far</span>}
        </p>
        {batch.targetPercent !== null && (
          <p className="text-sm text-soft">target {formatPercent(batch.targetPercent, 3)}</p>
        )}
        {!isOpen && summary.verdict !== made.verdict && (
          <p className="text-sm text-soft">
            {batchesWords.judgedThen(dayWords(summary.judgedOn))}{' '}
            <VerdictMark verdict={made.verdict} />
          </p>
        )}
      </div>
      <dl className="flex flex-1 flex-wrap gap-x-8 gap-y-2 font-semibold max-sm:basis-full">
        <Fact name="For">{wearerWords(blend.brief.wearer)}</Fact>
        <Fact name={isOpen ? 'Goes into' : 'Came out'}>
          {intoWords(made)}
          {blend.inOne && first && (
            <span className="block text-sm font-normal text-soft">
              {batchesWords.mixedTogether(volumeWords(first.evaluation.mixture.fillMl, units))}
            </span>
          )}
        </Fact>
        <Fact name="Best before">
          <BestBefore batch={batch} made={made} />
        </Fact>
        {cost !== null && <Fact name="Cost">{cost}</Fact>}
        <Fact name="Blend">
          <Link to={`/blends/${batch.blendId}`} className="text-press">
            {nameOrNone(batch.file.name)}
          </Link>
        </Fact>
      </dl>
    </Panel>
  );
};
