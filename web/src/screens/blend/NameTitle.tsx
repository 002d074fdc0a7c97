import { useEffect } from 'react';
import { useHeadingFocus } from '../../ui/useHeadingFocus';

/** The title of the sheet is the name of the blend, and is written on the spot. */
export const NameTitle = ({ name, onName }: { name: string; onName: (name: string) => void }) => {
  const title = name || 'A new blend';
  useEffect(() => {
    document.title = `${title} · Jubbet`;
  }, [title]);
  const heading = useHeadingFocus();
  return (
    <div className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-3 max-sm:basis-full">
      <h1 ref={heading} tabIndex={-1} className="sr-only">
        {title}
      </h1>
      <input
        aria-label="Name"
        maxLength={120}
        size={Math.max(12, title.length)}
        placeholder="Name this blend"
        className="-ml-1.5 max-w-full rounded-md border border-dashed border-field bg-transparent pr-4 pl-1.5 not-placeholder-shown:pr-3 font-serif text-[26px] leading-tight font-semibold [field-sizing:content] placeholder:text-soft placeholder:italic hover:border-field focus:border-press"
        value={name}
        onChange={(event) => onName(event.target.value)}
      />
    </div>
  );
};
