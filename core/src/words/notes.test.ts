import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { judged } from '../limits/judged.testing';
import { ml } from '../mixture/measures.testing';
import { noteWords } from './notes';

test('what the label must tell of somebody not known is one line, oils without a date another', () => {
  const { findings } = judged({
    wearer: 'anyone',
    oils: { wintergreen: ml(0.001), lemon: ml(0.001), mandarin: ml(0.001) },
    bases: { sweet_almond: 1 },
  });
  const notes = noteWords(shippedCatalog, findings);
  expect(notes.filter((note) => note.startsWith('The label warns about'))).toHaveLength(1);
  expect(notes.join(' ')).toMatch(/blood thinners/);
  expect(notes.join(' ')).toMatch(/an allergy to tree nuts/);
  expect(notes.at(-1)).toBe(
    'Expressed lemon and expressed mandarin oxidise quickly, and no bottle is on the shelf: check when they were opened.',
  );
});

test('what has not been asked is asked elsewhere', () => {
  const { findings } = judged({ oils: { wintergreen: ml(0.001) } });
  expect(noteWords(shippedCatalog, findings).join(' ')).not.toMatch(/not asked/i);
});
