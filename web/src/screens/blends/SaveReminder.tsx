import { Notice } from '../../ui/Notice';
import { Link } from 'react-router';
import { blends } from '../../store/blends';
import { today } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { dayMs } from '@jubbet/core/quantity';

/** Days after which unsaved work is worth a word. */
const oldAfter = 14;

/** Says when work of some weeks is in this browser alone. */
export const SaveReminder = () => {
  const { data } = useStored(['settings'], () => settings.read());
  const since = data?.lastExport ?? data?.openedAt;
  const changed =
    useStored(['blends changed since', since], () => blends.changedSince(since ?? '')).data ?? 0;
  if (!since) return null;
  // Whole days of 24 hours: the page that comes first does without a calendar for this.
  const days = Math.floor((Date.parse(today()) - Date.parse(since)) / dayMs);
  if (days < oldAfter || changed === 0) return null;
  return (
    <Notice tone="caution" className="mt-4">
      {data?.lastExport
        ? `Last backed up ${days} days ago: what you changed since is only in this browser.`
        : 'Your data have never been backed up: they are only in this browser.'}{' '}
      <Link to="/settings" className="text-amber underline">
        Back up
      </Link>
    </Notice>
  );
};
