import { useEffect, useRef } from 'react';
import { useParams } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { Missing } from '../../parts/Missing';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import { useStored } from '../../store/useStored';
import { Sheet } from './Sheet';

export const BlendScreen = () => {
  const { blendId = '' } = useParams();
  const { data, error } = useStored(['blend', blendId], () => blends.get(blendId));
  const write = useWrite();
  const leaving = useRef<number | undefined>(undefined);
  useEffect(() => {
    window.clearTimeout(leaving.current);
    return () => {
      leaving.current = window.setTimeout(() => {
        // Its label or its carriers are still about it.
        if (!window.location.pathname.startsWith(`/blends/${blendId}`))
          void blends.dropUntouched(blendId).catch((error: unknown) => console.warn(error));
      });
    };
  }, [blendId]);
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
  return (
    <Boundary
      key={blendId}
      fallback={(broken) => (
        <BrokenRecord
          what="blend"
          name={data.recipe.name || 'Without a name'}
          error={broken}
          record={data}
          onDelete={() => void write('The blend', () => blends.remove(blendId))}
        />
      )}
    >
      <Sheet record={data} />
    </Boundary>
  );
};
