import { agrees, libraryFigure } from '@jubbet/core/catalog';
import { checkWords, partsWords } from '@jubbet/core/words';
import { Link } from 'react-router';
import { figureChecks } from '../store/figureChecks';
import { useStored } from '../store/useStored';

/** Who has looked a figure of the library up, and the way to say that one has. */
export const FigureChecks = ({ figureId }: { figureId: string }) => {
  const checks = useStored(['figure-checks'], () => figureChecks.list()).data ?? [];
  const figure = libraryFigure(figureId);
  if (!figure) return null;
  return (
    <>
      {checks
        .filter((check) => check.figureId === figureId)
        .map((check) => (
          <span key={check.id} className="block">
            {agrees(figure, check) ? (
              <span className="text-moss">✓ checked: </span>
            ) : (
              <b className="text-amber">{partsWords.bookSaysOtherwise} </b>
            )}
            {checkWords(check)}
          </span>
        ))}
      <Link
        to={`/handbook/figures?figure=${encodeURIComponent(figureId)}`}
        className="screen-only text-press"
      >
        {partsWords.iCheckedThisFigure}
      </Link>
    </>
  );
};
