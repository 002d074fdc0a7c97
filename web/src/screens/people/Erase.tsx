import { formatList } from '@jubbet/core/words';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../parts/Button';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import type { Erased } from '../../store/erasePerson';

const counted = (count: number, text: string, many: string): string[] =>
  count === 0 ? [] : [`${count} ${count === 1 ? text : many}`];

/** What went, and where it still may be. */
const erasedWords = ({ name, blends, drafts, batches, texts }: Erased): string => {
  const places = [
    ...counted(blends, 'blend', 'blends'),
    ...counted(drafts, 'draft', 'drafts'),
    ...counted(batches, 'batch', 'batches'),
  ];
  const there =
    places.length > 0
      ? `, and from ${formatList(places)}, which now say “someone” of the same age`
      : '';
  const inTexts =
    texts > 0
      ? ` In ${formatList(counted(texts, 'record', 'records'))} your own words named them: they now say “a person”.`
      : '';
  return `${name} is erased from your people${there}.${inTexts} Earlier backups are unchanged.`;
};

/** Takes someone out of the house for good. Asked twice: it cannot be undone. */
export const Erase = ({ id, name }: { id: string; name: string }) => {
  const [isConfirming, setIsConfirming] = useState(false);
  const navigate = useNavigate();
  const client = useQueryClient();
  const tell = useNotice();
  const write = useWrite();
  const erase = async () => {
    const erased = await write('The erasing', async () => {
      const { erasePerson } = await import('../../store/erasePerson');
      return erasePerson(id);
    });
    if (!erased) return;
    // What could be undone on sheets would bring them back.
    client.removeQueries({ queryKey: ['history'] });
    await navigate('/people');
    tell({ text: erasedWords(erased) });
  };
  return isConfirming ? (
    <section
      aria-label={`Erase ${name}`}
      className="grid gap-2 rounded-xl bg-brick-wash px-5 py-4 text-brick"
    >
      <p>
        The name and everything recorded about {name} will be removed from here and from every
        blend, version and batch. What was made stays, for someone of the same age. This can’t be
        undone.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="first" onClick={() => void erase()}>
          Yes, erase {name}
        </Button>
        <Button onClick={() => setIsConfirming(false)}>Cancel</Button>
      </div>
    </section>
  ) : (
    <div>
      <Button look="quiet" className="wrap-anywhere" onClick={() => setIsConfirming(true)}>
        Erase {name} for good
      </Button>
    </div>
  );
};
