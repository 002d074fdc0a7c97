import { Notice } from '../../ui/Notice';
import { countedWords, blendsWords } from '@jubbet/core/words';
import { Button } from '../../ui/Button';
import { momentWords } from '../../parts/moments';
import { useNotice } from '../../parts/notice';
import { useFolderNews } from '../../parts/useFolderNews';

/** Over the book: another device of the maker's has something newer, in the folder they share. */
export const FolderNews = () => {
  const tell = useNotice();
  const { news, busy, add } = useFolderNews((text) => tell({ text }));
  if (!news) return null;
  return (
    <Notice tone="note" className="mt-3 flex flex-wrap items-center gap-x-3 px-4! py-1.5!">
      <span className="flex-1">
        {blendsWords.yourOtherDeviceHasSaved(
          countedWords(news.changes, 'newer record'),
          momentWords(new Date(news.savedAt), 'short'),
        )}
      </span>
      <Button disabled={busy} onClick={() => void add()}>
        {busy ? 'Adding them' : 'Add them here'}
      </Button>
    </Notice>
  );
};
