import { useParams } from 'react-router';
import { Missing } from '../../parts/Missing';
import { blends } from '../../store/blends';
import { useStored } from '../../store/useStored';
import { Sheet } from './Sheet';

export const BlendScreen = () => {
  const { blendId = '' } = useParams();
  const { data, error } = useStored(['blend', blendId], () => blends.get(blendId));
  if (error) throw error;
  if (data === undefined) return null;
  if (data === null) {
    return (
      <Missing
        title="This blend is not in the book"
        text="It may have been deleted, or the address was typed with a slip."
      />
    );
  }
  return <Sheet key={blendId} record={data} />;
};
