import { clsx } from 'clsx';
import type { ButtonHTMLAttributes } from 'react';
import { Link, type LinkProps } from 'react-router';

type Look = 'first' | 'plain' | 'quiet' | 'paper';

const looks: Record<Look, string> = {
  first: 'bg-press text-press-ink border-press font-semibold hover:opacity-90',
  plain: 'bg-sheet text-ink border-line font-medium hover:border-press',
  paper: 'bg-sheet text-pad-ink border-sheet font-semibold hover:opacity-90',
  quiet: 'border-transparent text-press font-medium hover:underline underline-offset-4',
};

const shape =
  'inline-flex min-h-10 print:hidden items-center justify-center gap-2 rounded-lg border px-3.5 py-1.5 text-[15px] no-underline disabled:opacity-50 disabled:cursor-not-allowed';

/** Something to press. `first` is what most makers want next. */
export const Button = ({
  look = 'plain',
  className,
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) => (
  <button type={type} className={clsx(shape, looks[look], className)} {...rest} />
);

/** A link that looks like something to press. */
export const ButtonLink = ({
  look = 'plain',
  className,
  ...rest
}: LinkProps & { look?: Look; className?: string }) => (
  <Link className={clsx(shape, looks[look], className)} {...rest} />
);
