import { useCatalog } from '../../parts/catalog';
import { VerdictMark } from '../../parts/VerdictMark';
import type { BlendOfToday } from '../../store/blends';
import { judgedCard } from './judgedCard';

/** What a blend in the book comes to: its verdict and its strength. */
export const CardVerdict = ({ record }: { record: BlendOfToday }) => {
  const judged = judgedCard(useCatalog(), record);
  return 'word' in judged ? (
    <VerdictMark verdict="unknown" word={judged.word} />
  ) : (
    <>
      <VerdictMark verdict={judged.verdict} /> · {judged.strength}
    </>
  );
};
