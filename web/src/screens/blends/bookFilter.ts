import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { z } from 'zod';

/** In which order the book is shown. */
const bookOrders = ['changed', 'made', 'name'] as const;

const filterSchema = z.object({
  look: z.enum(['shelf', 'list']).catch('shelf'),
  order: z.enum(bookOrders).catch('changed'),
  /** Words that all must be in it: name, purpose, person, oils, tags. */
  find: z.string().max(200).catch(''),
  favourites: z.literal('yes').or(z.literal('')).catch(''),
  /** The id of a person of the house, or `anyone`. */
  person: z.string().max(100).catch(''),
  /** A kind of container. */
  kind: z.string().max(80).catch(''),
  verdict: z.enum(['', 'within', 'caution', 'over', 'unknown']).catch(''),
  tag: z.string().max(40).catch(''),
});

/** What of the book is shown, and how: it is in the address, so that Back goes back to it. */
export type BookFilter = z.infer<typeof filterSchema>;

const usual = filterSchema.parse({});

/** True where it takes no looking into the blends to say which come, and in which order. */
export const isWhole = ({ look: _look, ...filter }: BookFilter): boolean =>
  Object.entries(filter).every(([key, value]) => value === usual[key as keyof BookFilter]);

/** The filter of the address, and the way to change some of it. */
export const useBookFilter = () => {
  const [params, setParams] = useSearchParams();
  const filter = useMemo(() => filterSchema.parse(Object.fromEntries(params)), [params]);
  const change = (some: Partial<BookFilter>): void => {
    const next = Object.entries({ ...filter, ...some }).filter(
      ([key, value]) => value !== usual[key as keyof BookFilter],
    );
    setParams(Object.fromEntries(next), { replace: true });
  };
  return [filter, change] as const;
};
