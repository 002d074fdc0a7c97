import type { SmellFamily } from '../catalog';
import type { Scent } from './scentOf';

/** What rules at a time. */
export interface Phase {
  readonly minute: number;
  /** The strongest, and those close behind it. */
  readonly families: readonly SmellFamily[];
  readonly oils: readonly string[];
  /** Of the strongest family, on the scale on which linalool at 1 % is 1. */
  readonly intensity: number;
}

/** When a blend is looked at for its opening, its heart and its dry-down, in minutes. */
export const phaseMinutes = [1, 20, 120, 480] as const;

/** What is at least so much of the strongest is told beside it. */
const closeBehind = 0.7;
/** What is weaker than this is hardly smelt. */
export const hardlySmelt = 0.1;
const mostTold = 3;

const leading = <K>(series: ReadonlyMap<K, readonly number[]>, at: number): readonly K[] => {
  const now = [...series]
    .map(([key, values]) => ({ key, value: values[at] ?? 0 }))
    .sort((a, b) => b.value - a.value);
  const most = now[0]?.value ?? 0;
  return most <= 0
    ? []
    : now
        .filter(({ value }) => value >= closeBehind * most)
        .slice(0, mostTold)
        .map(({ key }) => key);
};

/** What rules when: the opening, the heart, and what stays. */
export const phasesOf = ({ minutes, families, oils }: Scent): readonly Phase[] =>
  phaseMinutes.flatMap((minute) => {
    const at = minutes.indexOf(minute);
    if (at < 0) return [];
    return [
      {
        minute,
        families: leading(families, at),
        oils: leading(oils, at),
        intensity: Math.max(
          0,
          ...[...families.values(), ...oils.values()].map((values) => values[at] ?? 0),
        ),
      },
    ];
  });

/** An oil drowns the others where it is so many times as strong as each of them. */
const drowning = 2.5;

/** The oil that drowns the rest from the heart on; null where none does. */
export const drowns = ({ minutes, oils }: Scent): string | null => {
  if (oils.size < 2) return null;
  const heart = minutes.flatMap((minute, n) => (minute >= 10 && minute <= 120 ? [n] : []));
  for (const [id, own] of oils) {
    const isAbove = heart.every((n) =>
      [...oils].every(
        ([other, values]) =>
          other === id ||
          ((own[n] ?? 0) > hardlySmelt && (own[n] ?? 0) >= drowning * (values[n] ?? 0)),
      ),
    );
    if (heart.length > 0 && isAbove) return id;
  }
  return null;
};
