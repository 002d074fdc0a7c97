import type { Plan } from '../plan';
import { close } from './close';
import { closeAll } from './closeAll';
import { combine } from './combine';
import { cool } from './cool';
import { count, countInto, type CountStep } from './count';
import { fill } from './fill';
import { label } from './label';
import { layOut } from './layOut';
import { left } from './left';
import { measure, measureInto, type MeasureStep } from './measure';
import { melt } from './melt';
import { preDilute } from './preDilute';
import { set } from './set';
import { setOut } from './setOut';
import { sift } from './sift';
import { smell } from './smell';
import type { StepKind } from './stepKind';
import { stirIn } from './stirIn';
import { topUp } from './topUp';
import { warmIn } from './warmIn';
import { weigh } from './weigh';
import { whip } from './whip';
import { wipe } from './wipe';

/** Every kind of step there is. */
const stepKinds = [
  wipe,
  layOut,
  preDilute,
  count,
  measure,
  smell,
  topUp,
  close,
  setOut,
  weigh,
  melt,
  warmIn,
  cool,
  stirIn,
  combine,
  sift,
  whip,
  fill,
  left,
  set,
  closeAll,
  label,
] as const;

type StepOf<K> = K extends StepKind<infer S> ? S : never;

/** One thing to do at the bench. */
export type Step = StepOf<(typeof stepKinds)[number]>;

/** Oils go into one container after another, each as it is measured. */
const oilsInto = ({ oils, numbers }: Plan): readonly (CountStep | MeasureStep)[] =>
  numbers.flatMap((number) =>
    oils.map((oil) =>
      oil.drops === null ? measureInto(oil, number) : countInto(oil, oil.drops, number),
    ),
  );

type Planned = (plan: Plan) => readonly Step[];

/**
 * What pours into bottles: oils first, so that they marry and the fill line stays true, one
 * bottle after another; then the carrier to the line.
 */
export const pouringOrder: readonly Planned[] = [
  wipe.plan,
  layOut.plan,
  preDilute.plan,
  oilsInto,
  smell.plan,
  topUp.plan,
  close.plan,
  label.plan,
];

/**
 * What is mixed in one pan or jug and then poured. The oils are counted into a beaker and the
 * containers are open before anything is hot: a melt sets in seconds.
 */
export const mixedOrder: readonly Planned[] = [
  setOut.plan,
  layOut.plan,
  preDilute.plan,
  oilsInto,
  smell.plan,
  weigh.plan,
  melt.plan,
  warmIn.plan,
  cool.plan,
  stirIn.plan,
  combine.plan,
  sift.plan,
  whip.plan,
  fill.plan,
  left.plan,
  set.plan,
  closeAll.plan,
  label.plan,
];

const oilKinds: ReadonlySet<string> = new Set(
  stepKinds.flatMap(({ kind, puts }) => (puts === 'oil' ? [kind] : [])),
);

/** True for a step with which an oil goes in. */
export const putsOil = ({ kind }: Step): boolean => oilKinds.has(kind);
