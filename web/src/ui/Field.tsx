import { clsx } from 'clsx';
import { useId, type ComponentProps } from 'react';
import { FieldProblem } from './FieldProblem';
import { NumberField } from './NumberField';

const box = 'rounded-md border bg-transparent px-2 py-1.5';

/** A line of text, or a day, under its name. */
export const TextField = ({
  label,
  hint,
  problem,
  className,
  ...rest
}: ComponentProps<'input'> & { label: string; hint?: string; problem?: string | undefined }) => {
  const id = useId();
  return (
    <div className="grid max-w-full grid-cols-[minmax(0,1fr)] content-start gap-1">
      <label className="grid grid-cols-[minmax(0,1fr)] gap-1">
        <span className="text-sm text-soft">{label}</span>
        <input
          autoComplete="off"
          aria-invalid={Boolean(problem)}
          aria-describedby={problem ? id : undefined}
          className={clsx(box, 'max-w-full', problem ? 'border-brick' : 'border-field', className)}
          {...rest}
        />
      </label>
      {hint && <span className="text-xs text-soft">{hint}</span>}
      <FieldProblem id={id} problem={problem} />
    </div>
  );
};

/** One of a list, under its name. */
export const SelectField = <T extends string>({
  label,
  hint,
  value,
  choices,
  disabled = false,
  isLabelHidden = false,
  onChoose,
}: {
  label: string;
  hint?: string | undefined;
  value: T;
  choices: readonly (readonly [T, string])[];
  disabled?: boolean;
  /** A column’s heading says it already: it is read aloud only. */
  isLabelHidden?: boolean;
  onChoose: (value: T) => void;
}) => (
  <label className="grid content-start gap-1">
    {!isLabelHidden && <span className="text-sm text-soft">{label}</span>}
    <select
      aria-label={label}
      disabled={disabled}
      className={clsx(box, 'w-full min-w-0 border-field bg-sheet disabled:opacity-60')}
      value={value}
      onChange={(event) => {
        const found = choices.find(([id]) => id === event.target.value);
        if (found) onChoose(found[0]);
      }}
    >
      {choices.map(([id, text]) => (
        <option key={id} value={id}>
          {text}
        </option>
      ))}
    </select>
    {hint && <span className="text-xs text-soft">{hint}</span>}
  </label>
);

/** A number under its name. `label` says it in full, where the name is short for its place. */
export const NumberUnder = ({
  name,
  label = name,
  ...rest
}: Omit<ComponentProps<typeof NumberField>, 'label' | 'framed'> & {
  name: string;
  label?: string;
}) => (
  <div className="grid content-start gap-1">
    <span aria-hidden className="text-sm text-soft">
      {name}
    </span>
    <NumberField label={label} framed inFlow {...rest} />
  </div>
);
