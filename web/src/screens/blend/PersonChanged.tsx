import { Notice } from '../../ui/Notice';
import { wearerChanges } from '@jubbet/core/batch';
import type { Recipe } from '@jubbet/core/recipe';
import { formatList, wearerChangeWords, blendWords } from '@jubbet/core/words';
import { Button } from '../../ui/Button';
import { useWrite } from '../../parts/useWrite';
import { blends, type BlendOfToday } from '../../store/blends';

/** What has changed of the wearer since the blend was last changed for them. */
export const PersonChanged = ({ record, recipe }: { record: BlendOfToday; recipe: Recipe }) => {
  const write = useWrite();
  const before = record.wearerThen;
  const { wearer } = recipe.brief;
  if (!before || before === 'anyone' || !wearer || wearer === 'anyone') return null;
  const changes = wearerChanges(before, wearer);
  if (changes.length === 0) return null;
  return (
    <Notice tone="caution" role="status" className="flex flex-wrap items-center gap-3">
      <span className="flex-1">
        {blendWords.hasChangedSinceYouWrote(
          wearer.name ?? 'The person',
          formatList(changes.map(wearerChangeWords)),
        )}
      </span>
      <Button look="quiet" onClick={() => void write('The blend', () => blends.seen(record.id))}>
        OK
      </Button>
    </Notice>
  );
};
