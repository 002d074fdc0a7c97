import { useParams } from 'react-router';
import { ButtonLink } from '../../ui/Button';

/** The way to all bases side by side, with what they are for this wearer. */
export const CompareCarriers = () => {
  const { blendId = '' } = useParams();
  return (
    <ButtonLink className="justify-self-start" to={`/blends/${blendId}/carriers`}>
      Compare carriers
    </ButtonLink>
  );
};
