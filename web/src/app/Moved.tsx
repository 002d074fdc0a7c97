import { appWords } from '@jubbet/core/words';
import { createRoot } from 'react-dom/client';

/** Where Jubbet was served before, and where it is now. */
const formerPort = '4173';
const address = 'http://localhost:4718';

/** True at the old address: what was kept there is there still. */
export const isAtFormerAddress = ({ port, hostname }: Location): boolean =>
  port === formerPort && ['localhost', '127.0.0.1', '[::1]'].includes(hostname);

/** Says where Jubbet went, and how what is kept here comes along. */
export const Moved = () => (
  <p
    role="status"
    className="screen-only sticky top-0 z-40 border-b border-line bg-amber-wash px-4 py-2 text-ink"
  >
    {appWords.jubbetHasMovedTo}{' '}
    <a href={address} className="font-semibold text-press">
      {address}
    </a>
    {appWords.browserKeepsDataByAddress}{' '}
    <a href={`${import.meta.env.BASE_URL}settings`} className="text-press">
      {appWords.backUpEverythingInSettings}
    </a>
    {appWords.thenRestoreThatFileAt}
  </p>
);

/** Says so above whatever screen is open. */
export const noticeMoved = (): void => {
  const place = document.createElement('div');
  document.body.prepend(place);
  createRoot(place).render(<Moved />);
};
