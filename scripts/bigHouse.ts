// A house of twenty years, made from the example: the same for the same numbers.
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';

type Row = Record<string, unknown>;

const rowsOf = (files: Record<string, Uint8Array>, table: string): Row[] =>
  JSON.parse(strFromU8(files[`${table}.json`] ?? strToU8('[]'))) as Row[];

const linesOf = (rows: readonly Row[]): Uint8Array =>
  strToU8(`[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`);

const at = (n: number): string => new Date(Date.UTC(2006, 0, 1) + n * 8 * 3_600_000).toISOString();

/** Events of a log that is packed. */
const eventsIn = (log: unknown): number =>
  (log as { at: unknown[] }[]).reduce((total, run) => total + run.at.length, 0);

/**
 * A house file with so many blends and batches; each batch bears the log of one of the example's,
 * until there are as many events as asked for.
 */
export const bigHouse = (
  small: Uint8Array,
  blends: number,
  batches: number,
  events: number,
): { readonly file: Uint8Array; readonly events: number } => {
  const files = unzipSync(small);
  const someBlends = rowsOf(files, 'blends');
  const someBatches = rowsOf(files, 'batches').filter(({ log }) => log !== null);
  const manyBlends = Array.from({ length: blends }, (_, n): Row => {
    const like = someBlends[n % someBlends.length] ?? {};
    const recipe = like['recipe'] as Row;
    const name = `${String(recipe['name'])} ${n + 1}`;
    return { ...like, id: `blend-${n}`, recipe: { ...recipe, name }, updatedAt: at(n * 10) };
  });
  let reported = 0;
  const manyBatches = Array.from({ length: batches }, (_, n): Row => {
    const like = someBatches[n % someBatches.length] ?? {};
    const log = like['log'] as { event: unknown; at: string[] }[];
    // As long a log on average as is asked for: drops more or fewer in its longest run.
    const wanted = Math.round(((n + 1) * events) / batches) - reported;
    const longest = Math.max(...log.map((run) => run.at.length));
    const most = log.find((run) => run.at.length === longest);
    const more = Math.max(1, longest + wanted - eventsIn(log));
    const own = log.map((run) =>
      run === most ? { ...run, at: Array.from({ length: more }, () => at(n)) } : run,
    );
    reported += eventsIn(own);
    return {
      ...like,
      id: `batch-${n}`,
      number: `${2006 + Math.floor((n * 20) / batches)}-${String((n % 1000) + 1).padStart(3, '0')}-${n}`,
      blendId: `blend-${n % blends}`,
      personId: null,
      startedAt: at(n),
      finishedAt: at(n),
      updatedAt: at(n),
      log: own,
    };
  });
  return {
    file: zipSync(
      {
        ...files,
        'blends.json': linesOf(manyBlends),
        'batches.json': linesOf(manyBatches),
        'drafts.json': linesOf([]),
        'benchEvents.json': linesOf([]),
      },
      { level: 4 },
    ),
    events: reported,
  };
};
