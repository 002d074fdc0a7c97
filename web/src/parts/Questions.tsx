import { Panel } from '../ui/Panel';
import { askedAboutPlace, type Answer } from '@jubbet/core/brief';
import { type Blend, judgedAs } from '@jubbet/core/drops';
import {
  knownWearer,
  openQuestions,
  questionOf,
  type Finding,
  type OpenQuestion,
} from '@jubbet/core/limits';
import type { Mixture } from '@jubbet/core/mixture';
import { answerWords, questionWords, partsWords } from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { Button } from '../ui/Button';
import { useCatalog } from './catalog';

/** What applies of a question, as an answer. */
const yesTo = ({ about, asked }: OpenQuestion, id: string): Answer => {
  switch (about) {
    case 'stage':
      return { asked, stages: [id as 'pregnant' | 'breastfeeding'] };
    case 'condition':
      return { asked, conditions: [id] };
    case 'allergy':
      return { asked, allergies: [id] };
  }
};

/** Small on a desk, and as large as a finger on glass. */
const small = 'min-h-8! px-2.5! py-1! text-sm pointer-coarse:min-h-11!';

/** What can be answered: both stages are asked about in one. */
const answersTo = ({ about, what }: OpenQuestion): readonly string[] =>
  about === 'stage' ? ['pregnant', 'breastfeeding'] : what;

const Row = ({
  question,
  onAnswer,
}: {
  question: OpenQuestion;
  onAnswer: (answer: Answer) => void;
}) => {
  const catalog = useCatalog();
  const [isYes, setYes] = useState(false);
  const words = questionWords(catalog, question);
  const answers = answersTo(question);
  const [only] = answers.length === 1 ? answers : [];
  return (
    <li className="flex flex-wrap items-center gap-2 border-b border-line py-1.5 last:border-0">
      <p className="flex-1 basis-36 text-[14px]">{words}</p>
      <div className="flex flex-wrap gap-1.5">
        <Button
          className={small}
          aria-label={`No: ${words}`}
          onClick={() => onAnswer({ asked: question.asked })}
        >
          No
        </Button>
        {isYes ? (
          answers.map((id) => (
            <Button key={id} className={small} onClick={() => onAnswer(yesTo(question, id))}>
              {answerWords(catalog, question, id)}
            </Button>
          ))
        ) : (
          <Button
            className={small}
            aria-label={`Yes: ${words}`}
            onClick={() => (only === undefined ? setYes(true) : onAnswer(yesTo(question, only)))}
          >
            Yes
          </Button>
        )}
      </div>
    </li>
  );
};

/**
 * The few questions that matter for what is in a blend, and that no one has asked of its wearer:
 * each answered with one press, or all of them at once.
 */
export const Questions = ({
  blend,
  mixture,
  findings,
  onAnswer,
}: {
  blend: Blend;
  mixture: Mixture;
  findings: readonly Finding[];
  onAnswer: (answer: Answer) => void;
}) => {
  const open = useMemo(() => openQuestions(questionOf(judgedAs(blend, mixture))), [blend, mixture]);
  const words = findings.flatMap(({ reason }) =>
    reason.code === 'place-words' ? [reason.word] : [],
  );
  if (open.length + words.length === 0) return null;
  const wearer = knownWearer(blend.brief);
  return (
    <Panel aria-label="Not asked yet" className="px-4 py-3">
      <h2 className="font-sans text-[15px] font-semibold">
        {open.length > 0 ? `Ask ${wearer?.name ?? 'the person'}` : 'Is the place right?'}
      </h2>
      <ul>
        {words.map((word) => (
          <li key={word} className="border-b border-line py-2 text-[14px] last:border-0">
            <p>{partsWords.isInItsNameOr(word)}</p>
            <Button className="mt-1" onClick={() => onAnswer({ asked: [askedAboutPlace(word)] })}>
              {partsWords.yesThePlaceIsRight}
            </Button>
          </li>
        ))}
        {open.map((question) => (
          <Row
            key={`${question.about}/${question.what.join()}`}
            question={question}
            onAnswer={onAnswer}
          />
        ))}
      </ul>
      {open.length > 1 && (
        <Button
          className="mt-2"
          onClick={() => onAnswer({ asked: open.flatMap(({ asked }) => asked) })}
        >
          Nothing applies
        </Button>
      )}
      {open.length > 0 && (
        <p className="mt-1 text-[13px] text-soft">{partsWords.untilThisIsAnsweredThe}</p>
      )}
    </Panel>
  );
};
