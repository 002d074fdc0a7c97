import { Notice } from '../../ui/Notice';
import { blendsWords } from '@jubbet/core/words';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';

/** Why a file was not read, until it is closed. */
export const RefusedFile = ({ sentence, onClose }: { sentence: string; onClose: () => void }) => (
  <Notice
    tone="over"
    isUrgent

    className="mt-3 flex items-start gap-3"
  >
    <span className="flex-1">{sentence}</span>
    <button type="button" className="underline" onClick={onClose}>
      Close
    </button>
  </Notice>
);

/** Brings a blend in from a file, and opens it. */
export const ImportBlend = ({
  onRefused,
}: {
  /** Reported why a file cannot be read; null where it could. */
  onRefused: (sentence: string | null) => void;
}) => {
  const picker = useRef<HTMLInputElement>(null);
  const catalog = useCatalog();
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const readIn = async (file: File): Promise<void> => {
    const read = await write('The imported blend', async () => {
      const { readInBlend } = await import('./readInBlend');
      return readInBlend(catalog, file);
    });
    if (!read) return;
    onRefused(read.ok === false ? read.sentence : null);
    if (read.ok === false) return;
    if (read.ok === 'recipe') {
      await navigate('/read');
      return;
    }
    if (read.left) tell({ text: read.left });
    await navigate(`/blends/${read.id}`);
  };
  return (
    <>
      <Button onClick={() => picker.current?.click()}>Import</Button>
      <input
        ref={picker}
        type="file"
        hidden
        aria-label={blendsWords.blendFileToImport}
        accept=".json,.jsonld,.md,.csv,.txt,.html,application/json,text/*,image/*"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void readIn(file);
        }}
      />
    </>
  );
};
