import { useLocation } from 'react-router';
import { Missing } from '../parts/Missing';

/** An address that leads nowhere. */
export const NotFoundPage = () => (
  <Missing
    title="Page not found"
    text={`There is no page “${useLocation().pathname}”. Check the address.`}
  />
);
