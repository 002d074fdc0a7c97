import { zodResolver } from '@hookform/resolvers/zod';
import { useId, useRef, type ReactNode } from 'react';
import {
  useController,
  useForm,
  type Control,
  type DefaultValues,
  type FieldPath,
  type FieldValues,
} from 'react-hook-form';
import { z } from 'zod';
import { Button } from './Button';
import { NumberUnder, TextField } from './Field';

/** A form of a few fields that stands where it is used, and goes once it is saved. */
interface Inline<T extends FieldValues> {
  readonly control: Control<T>;
  readonly schema: z.ZodObject;
}

/**
 * Fields in a row, what saves them and what leaves them be. What may be saved is for the schema
 * to say: until then the button is not to be pressed. What could not be saved stays as typed.
 *
 * @param onSave true once it is saved
 */
export const InlineForm = <T extends FieldValues>({
  label,
  schema,
  start,
  save,
  onSave,
  onDone,
  children,
}: {
  label: string;
  schema: z.ZodObject & z.ZodType<T, T>;
  start: T;
  /** What the button that saves says. */
  save: string;
  onSave: (value: T) => Promise<boolean>;
  /** It was saved, or is not wanted. */
  onDone: () => void;
  children: (form: Inline<T>) => ReactNode;
}) => {
  const { control, handleSubmit, formState } = useForm<T>({
    defaultValues: start as DefaultValues<T>,
    mode: 'onChange',
    resolver: zodResolver(schema as z.ZodType<T, T>),
  });
  const saving = useRef(false);
  return (
    <form
      aria-label={label}
      className="flex w-full flex-wrap items-end gap-3"
      onSubmit={(event) => {
        void handleSubmit(async (value) => {
          // Enter pressed twice saves once.
          if (saving.current) return;
          saving.current = true;
          const isSaved = await onSave(value).finally(() => (saving.current = false));
          if (isSaved) onDone();
        })(event);
      }}
    >
      {children({ control, schema })}
      <Button type="submit" look="first" disabled={!formState.isValid || formState.isSubmitting}>
        {save}
      </Button>
      <Button look="quiet" onClick={onDone}>
        Cancel
      </Button>
    </form>
  );
};

/** A line of text, or a day, of an inline form: no longer than its schema lets it be. */
export const InlineText = <T extends FieldValues>({
  form: { control, schema },
  name,
  choices,
  ...rest
}: {
  form: Inline<T>;
  name: FieldPath<T>;
  label: string;
  type?: 'text' | 'date';
  placeholder?: string;
  className?: string;
  max?: string;
  autoFocus?: boolean;
  /** What is offered while it is typed; anything else may be typed too. */
  choices?: readonly string[];
}) => {
  const { field } = useController({ control, name });
  const list = useId();
  const of: unknown = schema.shape[name];
  const longest = of instanceof z.ZodString ? of.maxLength : null;
  return (
    <>
      <TextField
        {...rest}
        {...field}
        {...(choices ? { list } : {})}
        {...(longest === null ? {} : { maxLength: longest })}
      />
      {choices && (
        <datalist id={list}>
          {choices.map((choice) => (
            <option key={choice} value={choice} />
          ))}
        </datalist>
      )}
    </>
  );
};

/** A whole number of an inline form, within the bounds of its schema. */
export const InlineCount = <T extends FieldValues>({
  form: { control, schema },
  name,
  label,
}: {
  form: Inline<T>;
  name: FieldPath<T>;
  label: string;
}) => {
  const { field } = useController({ control, name });
  const of: unknown = schema.shape[name];
  const bounds = of instanceof z.ZodNumber ? of : null;
  return (
    <NumberUnder
      name={label}
      className="w-16"
      value={field.value}
      rule={{
        least: bounds?.minValue ?? 0,
        most: bounds?.maxValue ?? Number.MAX_SAFE_INTEGER,
        whole: true,
      }}
      onNumber={field.onChange}
    />
  );
};
