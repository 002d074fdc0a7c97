import { useLocation } from 'react-router';
import { Missing } from '../parts/Missing';

/** An address that leads nowhere. */
export const NotFoundPage = () => (
  <Missing
    title="Nothing lives at this address"
    text={`There is no page “${useLocation().pathname}”. It may have been typed with a slip.`}
  />
);
