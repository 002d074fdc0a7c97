import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { blends } from '../store/blends';
import type { BlendRecord } from '../store/database';
import { useStored } from '../store/useStored';
import { Missing } from './Missing';
import { RecipeCatalog } from './RecipeCatalog';

/** The blend of the address, read and kept up to date; the way on where there is none. */
export const OneBlend = ({ children }: { children: (record: BlendRecord) => ReactNode }) => {
  const { blendId = '' } = useParams();
  const { data, error } = useStored(['blend', blendId], () => blends.get(blendId));
  if (error) throw error;
  if (data === undefined) return null;
  if (data === null) {
    return (
      <Missing
        title="Blend not found"
        text="It may have been deleted, or the address may be wrong."
      />
    );
  }
  return <RecipeCatalog recipe={data.recipe}>{children(data)}</RecipeCatalog>;
};
