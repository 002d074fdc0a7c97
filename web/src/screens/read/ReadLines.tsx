import type { LineRole, ReadRecipe } from '@jubbet/core/reading';
import { lineRoleWords } from '@jubbet/core/words';
import { Section } from '../../ui/Section';

const looks: Partial<Record<LineRole, string>> = {
  ingredient: 'border-moss',
  left: 'border-brick',
};

/** Every line of the source, with what was made of it. */
export const ReadLines = ({ read: { lines } }: { read: ReadRecipe }) => (
  <Section heading="h3" title="Line by line">
    <ol className="grid gap-1">
      {lines.map(({ text, role }, n) => (
        <li
          // Two lines may say the same.
          key={n}
          className={`flex flex-wrap justify-between gap-x-4 border-l-4 pl-3 ${looks[role] ?? 'border-line'}`}
        >
          <span className="min-w-0 break-words">{text}</span>
          <span className="text-sm text-soft">{lineRoleWords(role)}</span>
        </li>
      ))}
    </ol>
  </Section>
);
