import { format, parseISO } from 'date-fns';
import { madeSoFarWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { NoteBar } from '../../parts/NoteBar';
import type { BlendOfToday } from '../../store/blends';
import { madeWhen } from '../../store/madeWhen';
import { useStored } from '../../store/useStored';
import { CardVerdict } from './CardVerdict';
import { judgedCard } from './judgedCard';

/** What a card on the shelf says under its name: notes, verdict, when it was made. */
export const ShelfFacts = ({ record }: { record: BlendOfToday }) => {
  const judged = judgedCard(useCatalog(), record);
  const made = useStored(['made', record.id], () => madeWhen.of(record.id)).data;
  return (
    <>
      {'mixture' in judged && <NoteBar mixture={judged.mixture} className="mx-auto mt-1.5 w-24" />}
      <p className="mt-1 text-sm">
        <CardVerdict record={record} />
      </p>
      <p className="min-h-5 text-sm text-balance text-soft">
        {made &&
          (made.onBench
            ? 'on the bench'
            : made.times === 0
              ? 'not made yet'
              : madeSoFarWords(made, format(parseISO(made.last), 'd MMM')))}
      </p>
    </>
  );
};
