import { useEffect, useRef } from 'react';
import { useParams } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { OneBlend } from '../../parts/OneBlend';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import { holdOpen, whenNobodyHas } from './openTabs';
import { Sheet } from './Sheet';

/** A blend on its sheet. */
export const BlendScreen = () => {
  const { blendId = '' } = useParams();
  const write = useWrite();
  const leaving = useRef<number | undefined>(undefined);
  useEffect(() => {
    window.clearTimeout(leaving.current);
    const letGo = holdOpen(blendId);
    return () => {
      const released = letGo();
      leaving.current = window.setTimeout(() => {
        // Its label or its carriers are still about it.
        if (window.location.pathname.startsWith(`${import.meta.env.BASE_URL}blends/${blendId}`))
          return;
        void released
          .then(() => whenNobodyHas(blendId, () => blends.dropUntouched(blendId)))
          .catch((error: unknown) => console.warn(error));
      });
    };
  }, [blendId]);
  return (
    <OneBlend>
      {(record) => (
        <Boundary
          key={blendId}
          fallback={(broken) => (
            <BrokenRecord
              what="blend"
              name={record.recipe.name || 'Without a name'}
              error={broken}
              record={record}
              onDelete={() => void write('The blend', () => blends.remove(blendId))}
            />
          )}
        >
          <Sheet record={record} />
        </Boundary>
      )}
    </OneBlend>
  );
};
