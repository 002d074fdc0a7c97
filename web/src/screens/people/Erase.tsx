import { countedWords, formatList, peopleWords } from '@jubbet/core/words';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import type { Erased, NamedPlace } from '../../store/erasePerson';

const counted = (count: number, text: string, many: string): string[] =>
  count === 0 ? [] : [`${count} ${count === 1 ? text : many}`];

/** So many places are read before one is certain. */
const mostPlaces = 100;

const recordWords: Readonly<Record<NamedPlace['table'], string>> = {
  blends: 'blend',
  drafts: 'version',
  batches: 'batch',
  benchEvents: 'at the bench',
  recipients: 'who got it',
  patchTests: 'patch test',
  photos: 'photograph',
  people: 'person',
  bottles: 'bottle',
  containers: 'container',
  materials: 'material',
  movements: 'shelf',
};

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
  const [places, setPlaces] = useState<readonly NamedPlace[]>([]);
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
  const ask = async (): Promise<void> => {
    const { placesOfName } = await import('../../store/erasePerson');
    setPlaces(await placesOfName(id, name).catch(() => []));
    setIsConfirming(true);
  };
  return isConfirming ? (
    <section
      aria-label={`Erase ${name}`}
      className="grid gap-2 rounded-xl bg-brick-wash px-5 py-4 text-brick"
    >
      <p>{peopleWords.nameAndEverythingRecordedAbout(name)}</p>
      {places.length > 0 && (
        <div className="text-ink">
          <p>{peopleWords.yourOwnWordsNameIn(name, countedWords(places.length, 'place'))}</p>
          <div
            role="region"
            tabIndex={0}
            aria-label={peopleWords.whereTheNameAppears}
            className="max-h-60 overflow-y-auto"
          >
            <ul className="list-disc pl-5">
              {places.slice(0, mostPlaces).map(({ table, text }, n) => (
                <li key={n} className="wrap-anywhere">
                  <span className="text-soft">{recordWords[table]}:</span> {text.slice(0, 160)}
                  {text.length > 160 && '…'}
                </li>
              ))}
            </ul>
          </div>
          {places.length > mostPlaces && <p>And {places.length - mostPlaces} more.</p>}
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="first" onClick={() => void erase()}>
          Yes, erase {name}
        </Button>
        <Button onClick={() => setIsConfirming(false)}>Cancel</Button>
      </div>
    </section>
  ) : (
    <div>
      <Button look="quiet" className="wrap-anywhere" onClick={() => void ask()}>
        Erase {name} for good
      </Button>
    </div>
  );
};
