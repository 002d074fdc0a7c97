import type { Answer } from '@jubbet/core/brief';
import { useCallback } from 'react';
import { answers, isOfPerson } from '../store/answers';
import { people } from '../store/people';
import { useNotice } from './notice';
import { useWrite } from './useWrite';

/**
 * Takes an answer down where it belongs: in the record of someone in the house, from which undo
 * takes it back, or else in the blend.
 */
export const useAnswer = (personId: string | null, ofBlend: (answer: Answer) => void) => {
  const tell = useNotice();
  const write = useWrite();
  return useCallback(
    async (answer: Answer): Promise<void> => {
      if (!isOfPerson(personId, answer)) {
        ofBlend(answer);
        return;
      }
      const before = await write('The answer', () => answers.ofPerson(personId, answer));
      if (!before) return;
      tell({
        text: `Noted for ${before.name}.`,
        undo: () => void write('The answer', () => people.write(personId, before)),
      });
    },
    [personId, ofBlend, tell, write],
  );
};
