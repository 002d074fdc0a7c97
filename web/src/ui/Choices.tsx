import { clsx } from 'clsx';

interface Choice<T extends string> {
  readonly value: T;
  readonly text: string;
  readonly more?: string;
  readonly disabled?: boolean;
}

/** One of a few, as radio buttons with words beside them. */
export const Choices = <T extends string>({
  legend,
  name,
  value,
  choices,
  onChoose,
  columns = false,
}: {
  legend: string;
  name: string;
  value: T | null;
  choices: readonly Choice<T>[];
  onChoose: (value: T) => void;
  columns?: boolean;
}) => (
  <fieldset>
    <legend className="mb-1 text-sm text-soft">{legend}</legend>
    <div className={clsx('grid gap-x-3', columns && 'sm:grid-cols-2')}>
      {choices.map((choice) => (
        <label
          key={choice.value}
          className="flex min-h-9 cursor-pointer items-start gap-2.5 rounded-md px-1 py-1.5 hover:bg-slate-wash has-disabled:cursor-default has-disabled:text-soft"
        >
          {/* Beside the first line, whatever its size. */}
          <span className="flex h-[1lh] flex-none items-center">
            <input
              type="radio"
              name={name}
              className="size-4.5 accent-press"
              checked={choice.value === value}
              disabled={choice.disabled ?? false}
              onChange={() => onChoose(choice.value)}
            />
          </span>
          <span className="min-w-0 self-baseline">
            {choice.text}
            {choice.more && <span className="block text-sm text-soft">{choice.more}</span>}
          </span>
        </label>
      ))}
    </div>
  </fieldset>
);
