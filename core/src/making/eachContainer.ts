import type { Blend } from '../drops';
import { containerOfStep } from './stepsOf';
import type { Step } from './steps/registry';
import type { Tally } from './tally';

/** Numbers of the containers that are mixed by themselves; the jug is number 0. */
const numbersOf = ({ count }: Blend): number[] => Array.from({ length: count }, (_, n) => n);

/** What is in a container, as a key, from its own steps. */
const contentKey = (planned: readonly Step[], tally: Tally, number: number): string => {
  const poured = tally.poured.get(`top-up/${number}`);
  return JSON.stringify([
    planned.map(({ id }) => [
      id.replace(`/${number}`, '/'),
      tally.drops.get(id) ?? 0,
      tally.done.has(id),
      tally.wantedDrops.get(id) ?? null,
      tally.wantedG.get(id) ?? null,
      tally.measured.get(id) ?? null,
      poured?.drops.get(id) ?? null,
      poured?.done.has(id) ?? null,
    ]),
    poured?.movedTo.get(number) ?? null,
    poured?.filledTo.get(number) ?? null,
    tally.movedTo.get(number) ?? null,
    tally.filledTo.get(number) ?? null,
    tally.additions.filter(({ container }) => container === number),
    tally.amended.filter(({ container }) => container === number),
  ]);
};

/** Works each container out, those that are alike once: of a thousand bottles most are. */
export const eachContainer = <T>(
  blend: Blend,
  planned: readonly Step[],
  tally: Tally,
  work: (number: number) => T,
): readonly T[] => {
  const known = new Map<string, T>();
  const byNumber = new Map<number, Step[]>();
  for (const step of planned) {
    const number = containerOfStep(step);
    if (number === null) continue;
    byNumber.set(number, [...(byNumber.get(number) ?? []), step]);
  }
  return numbersOf(blend).map((number) => {
    const key = contentKey(byNumber.get(number) ?? [], tally, number);
    const before = known.get(key);
    if (before !== undefined) return before;
    const made = work(number);
    known.set(key, made);
    return made;
  });
};
