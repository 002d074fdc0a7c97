import { useEffect, type ReactNode } from 'react';
import { useHeadingFocus } from './useHeadingFocus';

/** The name of the screen, in the page and on the tab. */
export const ScreenTitle = ({ title, aside }: { title: string; aside?: ReactNode }) => {
  useEffect(() => {
    document.title = `${title} · Jubbet`;
  }, [title]);
  const heading = useHeadingFocus();
  return (
    <div className="flex flex-wrap items-baseline gap-x-3">
      <h1 ref={heading} tabIndex={-1} className="text-[26px]">
        {title}
      </h1>
      {aside && <span className="text-sm text-soft">{aside}</span>}
    </div>
  );
};
