import { partsWords } from '@jubbet/core/words';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { blends } from '../store/blends';
import type { BlendRecord } from '../store/database';
import { useStored } from '../store/useStored';
import { StoredScreen } from './StoredScreen';
import { RecipeCatalog } from './RecipeCatalog';

/** The blend of the address, read and kept up to date; the way on where there is none. */
export const OneBlend = ({ children }: { children: (record: BlendRecord) => ReactNode }) => {
  const { blendId = '' } = useParams();
  const found = useStored(['blend', blendId], () => blends.get(blendId));
  return (
    <StoredScreen of={found} what="Blend" missing={partsWords.itMayHaveBeenDeleted}>
      {(record) => <RecipeCatalog recipe={record.recipe}>{children(record)}</RecipeCatalog>}
    </StoredScreen>
  );
};
