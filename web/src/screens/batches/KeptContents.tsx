import type { MadeContents } from '@jubbet/core/batch';
import {
  containerWords,
  formatDrops,
  formatG,
  formatList,
  formatMl,
  formatPercent,
  batchesWords,
} from '@jubbet/core/words';

const amountsOf = ({ oils, bases }: MadeContents): string =>
  formatList([
    ...oils.map(({ name, drops, ml }) =>
      drops === null ? `${formatMl(ml, 3)} of ${name}` : `${formatDrops(drops)} of ${name}`,
    ),
    ...bases.map(({ name, g, ml }) => `${formatG(g, 3)} (${formatMl(ml, 3)}) of ${name}`),
  ]);

/** What went in, as recorded when the batch was finished: it needs nothing else. */
export const KeptContents = ({ contents }: { contents: readonly MadeContents[] }) => (
  <section className="mt-4 rounded-xl border border-line bg-sheet px-5 py-4">
    <h2 className="text-lg">{batchesWords.whatWentInAsRecorded}</h2>
    <ul className="mt-2 grid gap-2">
      {contents.map((content) => (
        <li key={content.numbers.join()}>
          <b>
            {containerWords(content.container)}{' '}
            {formatList(content.numbers.map((n) => String(n + 1)))},{' '}
            {formatPercent(content.percent, 3)}:
          </b>{' '}
          {amountsOf(content)}.
        </li>
      ))}
    </ul>
  </section>
);
