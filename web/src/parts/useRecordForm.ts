import { zodResolver } from '@hookform/resolvers/zod';
import { useCallback, useRef } from 'react';
import { get, useForm, useWatch, type FieldValues, type UseFormReturn } from 'react-hook-form';
import type { z } from 'zod';

/**
 * What is stated at a field: under its name, or under its name and what is wrong with it
 * (`openedOn/to-come`), where more than one thing can be.
 */
export type FieldWords = Readonly<Record<string, string>>;

const anyOther = 'This can’t be saved as it is.';

/**
 * A record on a page of its own, read by its schema when it is saved. Before that, a field
 * speaks up once someone has been at it; a record that is already speaks up at once.
 *
 * @param schema what may be saved; its messages are codes that `words` puts into words
 * @param stored what the page begins with
 * @param isNew true until it has been saved once
 */
export const useRecordForm = <T extends object>(
  schema: z.ZodType<T>,
  stored: T,
  words: FieldWords,
  isNew: boolean,
) => {
  const form = useForm({
    defaultValues: stored as FieldValues,
    mode: isNew ? 'onTouched' : 'onChange',
    resolver: zodResolver(schema as unknown as z.ZodType<FieldValues, FieldValues>, {
      error: () => 'form',
    }),
  });
  const { register, setValue, trigger, formState } = form;
  const been = useRef(new Set<string>());
  const value = useWatch({ control: form.control }) as T;

  const problemAt = (name: string): string | undefined => {
    const error: unknown = get(formState.errors, name);
    if (error === undefined) return undefined;
    const code = String(get(error, 'message'));
    return words[`${name}/${code}`] ?? words[name] ?? anyOther;
  };
  const isSubmitted = formState.isSubmitted;
  const set = useCallback(
    (part: Partial<T>): void => {
      for (const [name, one] of Object.entries(part)) {
        been.current.add(name);
        setValue(name, one, { shouldDirty: true });
      }
      void trigger(isNew && !isSubmitted ? [...been.current] : undefined);
    },
    [setValue, trigger, isNew, isSubmitted],
  );
  return {
    form,
    /** The record as it is typed; it need not be fit to save. */
    value,
    set,
    problemAt,
    /** A line of text of the record; `read` makes of the text what is stored. */
    line: (name: T extends T ? keyof T & string : never, read?: (text: string) => unknown) => ({
      ...register(name, read ? { setValueAs: read } : {}),
      problem: problemAt(name),
    }),
  };
};

/** A record on its page. */
export interface RecordForm {
  readonly form: UseFormReturn;
}
