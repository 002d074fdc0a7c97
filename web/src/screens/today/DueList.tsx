import { clsx } from 'clsx';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import type { DueRow } from './dueRows';

/** What is due, a line each, done from there. */
export const DueList = ({ rows }: { rows: readonly DueRow[] }) => (
  <ul aria-label="What is due">
    {rows.map(({ id, when, isLate, what, links, more, act, to }) => (
      <li
        key={id}
        className="grid grid-cols-[7.5rem_minmax(0,1fr)_auto] items-center gap-x-4 border-b border-line py-2.5 last:border-0 max-sm:grid-cols-[minmax(0,1fr)_auto]"
      >
        <span
          className={clsx(
            'text-sm max-sm:col-span-2',
            isLate ? 'font-semibold text-amber' : 'text-soft',
          )}
        >
          {isLate && <span aria-hidden>▲ </span>}
          {when}
        </span>
        <span>
          <b>{what}</b>{' '}
          {links.map(({ text, to: there }, n) => (
            <Fragment key={there}>
              {n > 0 && ', '}
              <Link to={there} className="text-press">
                {text}
              </Link>
            </Fragment>
          ))}
          {more > 0 && <span className="text-soft"> and {more} more</span>}
        </span>
        <ButtonLink to={to} aria-label={`${act}: ${links[0]?.text ?? what}`}>
          {act}
        </ButtonLink>
      </li>
    ))}
  </ul>
);
