import { blendWords } from '@jubbet/core/words';
import { materialSaid } from '@jubbet/core/recipe';
import { Link, useParams } from 'react-router';

const kinds = {
  oil: 'an oil',
  'ready-made': 'a ready-made blend',
  fragrance: 'a fragrance oil',
  base: 'a base',
} as const;

/** What the library does not hold is written down as the maker's own, and goes into the blend. */
export const AddAsOwn = ({ query, isOil }: { query: string; isOil: boolean }) => {
  const { blendId = '' } = useParams();
  const { name, amount } = materialSaid(query, isOil);
  const address = (kind: keyof typeof kinds): string => {
    const asked = new URLSearchParams({ name, blend: blendId, ...(amount ? { amount } : {}) });
    return `/materials/new/${kind}?${asked.toString()}`;
  };
  const offered = isOil ? (['oil', 'ready-made', 'fragrance'] as const) : (['base'] as const);
  return (
    <p>
      {blendWords.somethingElse(name)}{' '}
      {offered.map((kind, n) => (
        <span key={kind}>
          {n > 0 && ', '}
          <Link to={address(kind)} className="text-press underline underline-offset-2">
            {kinds[kind]}
          </Link>
        </span>
      ))}
      .
    </p>
  );
};
