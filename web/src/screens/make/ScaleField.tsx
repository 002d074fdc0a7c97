import { usualContainer } from '@jubbet/core/catalog';
import type { Blend } from '@jubbet/core/drops';
import {
  overRim,
  toleranceG,
  weighedAs,
  weightWays,
  type BenchEvent,
  type BenchMeasure,
  type OverRim,
  type Source,
  type Step,
  type Tally,
} from '@jubbet/core/making';
import {
  containerWords,
  formatDrops,
  formatG,
  formatMl,
  formatNumber,
  strengthWords,
  textureName,
  verdictWords,
  nameInSentence,
  makeWords,
} from '@jubbet/core/words';
import { textureOf } from '@jubbet/core/mixture';
import { useMemo, useState } from 'react';
import { useDevices } from '../../devices/useDevices';
import { NumberField } from '../../ui/NumberField';
import { nonBreaking } from '../../parts/nonBreaking';
import { verdictShapes } from '../../parts/VerdictMark';
import { ConnectDevice } from './ConnectDevice';
import { LiveScale } from './LiveScale';
import { panel, panelButton } from './panel';

/** A step at which something is weighed or measured. */
export type MeasuredStep = Step & { readonly kind: 'weigh' | 'measure' | 'top-up' };

export const isMeasured = (step: Step): step is MeasuredStep =>
  step.kind === 'weigh' || step.kind === 'measure' || step.kind === 'top-up';

const ingredientOf = (step: MeasuredStep): string | null =>
  step.kind === 'weigh' ? step.baseId : step.kind === 'measure' ? step.oilId : null;

/** In which unit it is asked, and how much. */
const askedOf = (step: MeasuredStep): BenchMeasure =>
  step.kind === 'weigh' ? { unit: 'g', value: step.g } : { unit: 'ml', value: step.ml };

const measureWords = ({ unit, value }: BenchMeasure, digits = 3): string =>
  unit === 'g' ? formatG(value, digits) : formatMl(value, digits);

const standingWords = (weighed: BenchMeasure, target: BenchMeasure): string => {
  if (weighed.unit !== target.unit) return 'noted';
  const off = Math.abs(weighed.value - target.value);
  switch (weighedAs(weighed.value, target.value)) {
    case 'right':
      return `right, within ${measureWords({ unit: target.unit, value: toleranceG(target.value) }, 2)}`;
    case 'under':
      return `${measureWords({ unit: target.unit, value: off }, 2)} still to come`;
    case 'over':
      return `${measureWords({ unit: target.unit, value: off }, 2)} too much`;
  }
};

/** More than the bottle holds is never written down as if it fitted. */
const OverTheRim = ({
  over: { overMl, larger, ranOver },
  onChoose,
}: {
  over: OverRim;
  onChoose: (events: readonly BenchEvent[]) => void;
}) => (
  <div role="alert" className="grid basis-full gap-2 text-[15px]">
    <p>▲ {nonBreaking(`That is ${formatMl(overMl)} more than fits up to the brim.`)}</p>
    <div className="flex flex-wrap gap-2">
      {larger && (
        <button type="button" className={panelButton} onClick={() => onChoose(larger.events)}>
          {makeWords.itWentIntoA(largerWords(larger.id))}
        </button>
      )}
      <button type="button" className={panelButton} onClick={() => onChoose(ranOver)}>
        About {formatMl(overMl)} ran over
      </button>
    </div>
    <p>{makeWords.orTypeTheAmountAgain}</p>
  </div>
);

const largerWords = (id: string): string => {
  const container = usualContainer(id);
  return container ? containerWords(container) : 'larger one';
};

/** What the scale or the jug says, typed: it counts from then on in place of what was wanted. */
export const ScaleField = ({
  blend,
  steps,
  step,
  tally,
  onEvents,
}: {
  blend: Blend;
  steps: readonly Step[];
  step: MeasuredStep;
  tally: Tally;
  onEvents: (events: readonly BenchEvent[]) => void;
}) => {
  const target = askedOf(step);
  const measured = tally.measured.get(step.id);
  const [tare, setTare] = useState<number | null>(null);
  const [typed, setTyped] = useState<number | null>(null);
  const [over, setOver] = useState<OverRim | null>(null);
  const onScale = target.unit === 'g' ? (tare ?? 0) : 0;
  const scales = useDevices('scale');
  const take = (value: number, source: Source): void =>
    onEvents([
      {
        kind: 'measured',
        step: step.id,
        ingredient: ingredientOf(step),
        source,
        amount: { unit: target.unit, value },
      },
    ]);
  const net = typed === null ? null : Math.round(1000 * (typed - onScale)) / 1000;
  return (
    <form
      aria-label="What you measured"
      className={`${panel} flex flex-wrap items-end gap-x-5 gap-y-2`}
      onSubmit={(event) => {
        event.preventDefault();
        if (net === null || net < 0) return;
        const tooMuch =
          step.kind === 'top-up' ? overRim(blend, steps, tally, step, net, 'typed') : null;
        setOver(tooMuch);
        if (tooMuch) return;
        take(net, 'typed');
        setTyped(null);
      }}
    >
      {target.unit === 'g' && (
        <label className="grid gap-0.5">
          <span className="text-sm text-soft">{makeWords.containerIfNotTared}</span>
          <NumberField
            label={makeWords.weightOfTheContainerOn}
            framed
            className="min-h-11 w-24 text-ink"
            unit="g"
            value={tare}
            rule={{ least: 0, most: 20_000 }}
            onNumber={setTare}
            onEmpty={() => setTare(null)}
          />
        </label>
      )}
      <label className="grid gap-0.5">
        <span className="text-sm text-soft">
          {target.unit === 'g' ? 'The scale says' : 'You measured'}
          {onScale > 0 &&
            `, aiming at ${measureWords({ unit: 'g', value: target.value + onScale })}`}
        </span>
        <NumberField
          label={target.unit === 'g' ? 'What the scale says' : 'What you measured'}
          framed
          className="min-h-11 w-28 text-xl font-bold text-ink"
          unit={target.unit}
          value={typed}
          rule={{ least: 0, most: 200_000 }}
          onNumber={setTyped}
          onEmpty={() => setTyped(null)}
        />
      </label>
      <button type="submit" className={panelButton} disabled={net === null || net < 0}>
        Save the {target.unit === 'g' ? 'weight' : 'amount'}
      </button>
      {target.unit === 'g' &&
        scales.map((driver) => (
          <LiveScale
            key={driver.device.id}
            driver={driver}
            askedG={target.value}
            onTake={(g) => take(g, driver.device.simulated ? 'simulated' : 'scale')}
          />
        ))}
      {target.unit === 'g' && scales.every(({ device }) => device.simulated) && (
        <ConnectDevice kind="scale" />
      )}
      {over && (
        <OverTheRim
          over={over}
          onChoose={(events) => {
            setOver(null);
            setTyped(null);
            onEvents(events);
          }}
        />
      )}
      <p role="status" className="basis-full text-[15px]">
        {net !== null && net < 0
          ? 'That is less than the container alone.'
          : measured
            ? nonBreaking(`${measureWords(measured, 4)} in: ${standingWords(measured, target)}.`)
            : nonBreaking(
                `Without a number, ${measureWords(target)} counts as in. ${target.unit === 'g' ? 'Type what the scale says to keep it.' : 'Type what you measured to keep it.'}`,
              )}
      </p>
    </form>
  );
};

/** Too much of a base is in the pan: what can be done, each with its numbers. */
export const TooHeavy = ({
  blend,
  planned,
  tally,
  step,
  onChoose,
}: {
  blend: Blend;
  planned: readonly Step[];
  tally: Tally;
  step: Step & { readonly kind: 'weigh' };
  onChoose: (events: readonly BenchEvent[]) => void;
}) => {
  const ways = useMemo(
    () => weightWays(blend, planned, tally, step),
    [blend, planned, tally, step],
  );
  return (
    <section
      aria-label="Too much"
      className="rounded-xl border border-night-amber-line bg-night-amber-wash px-4 py-3"
    >
      <h2 className="font-sans text-base font-bold text-night-amber">
        ▲ Too much {nameInSentence(blend.catalog, step.baseId)}
      </h2>
      <ul className="mt-2 grid gap-2">
        {ways.map((way) => {
          const texture = textureOf(way.outcome.mixture);
          return (
            <li key={way.kind}>
              <button
                type="button"
                className="min-h-11 w-full rounded-lg border border-night-amber-line px-3 py-2 text-left hover:border-night-amber disabled:cursor-not-allowed disabled:opacity-70"
                disabled={way.outcome.blocking}
                onClick={() => onChoose(way.events)}
              >
                <b>
                  {way.kind === 'accept'
                    ? 'Accept it'
                    : `Make all of it ${formatNumber(way.factor, 3)} times as much`}
                </b>
                <span className="block text-[14px]">
                  {nonBreaking(
                    [
                      ...way.more.map(
                        ({ id, amount }) =>
                          `add ${amount.unit === 'g' ? formatG(amount.value, 3) : formatDrops(amount.value)} of ${nameInSentence(blend.catalog, id)}`,
                      ),
                      texture ? textureName(texture) : '',
                      `${strengthWords(way.outcome.mixture, blend.formula.by)} ${way.outcome.verdict ? verdictShapes[way.outcome.verdict] : ''} ${verdictWords(way.outcome.verdict)}`,
                    ]
                      .filter(Boolean)
                      .join(' · '),
                  )}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
};
