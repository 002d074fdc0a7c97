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
          className="flex min-h-9 cursor-pointer items-baseline gap-2 rounded-md px-1 py-1.5 hover:bg-slate-wash has-disabled:cursor-default has-disabled:text-soft"
        >
          <input
            type="radio"
            name={name}
            className="translate-y-px accent-press"
            checked={choice.value === value}
            disabled={choice.disabled ?? false}
            onChange={() => onChoose(choice.value)}
          />
          <span>
            {choice.text}
            {choice.more && <span className="block text-sm text-soft">{choice.more}</span>}
          </span>
        </label>
      ))}
    </div>
  </fieldset>
);
