import { plainName, shippedCatalog } from '@jubbet/core/catalog';
import { isObject } from './records/fields';

/** What stands in texts in place of somebody's name. */
const somebody = 'a person';

/**
 * What finds a name in a text, with its possessive. Null for one that is a word of its own: a name
 * in small letters, or one that a plant bears too. Those stay where they are, for the maker to read.
 */
export const namePattern = (name: string): RegExp | null => {
  const words = name.trim();
  const plant = plainName(words);
  const isPlant = [...shippedCatalog.oils, ...shippedCatalog.bases].some((material) =>
    plainName(material.name).split(' ').includes(plant),
  );
  if (words.length < 2 || words === words.toLowerCase() || isPlant) return null;
  const escaped = words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  return new RegExp(`(?<![\\p{L}\\p{N}])${escaped}(?![\\p{L}\\p{N}])`, 'gu');
};

/** The same record with a name taken out of every text in it; keys and numbers stay. */
export const withoutName = <T>(value: T, pattern: RegExp): T => {
  if (typeof value === 'string') return value.replace(pattern, somebody) as T;
  if (Array.isArray(value)) return value.map((entry) => withoutName<unknown>(entry, pattern)) as T;
  if (!isObject(value) || Object.getPrototypeOf(value) !== Object.prototype) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, entry]) => [key, withoutName(entry, pattern)]),
  ) as T;
};

/** Every text of a record in which a name stands. */
export const textsWith = (value: unknown, pattern: RegExp): readonly string[] => {
  if (typeof value === 'string') return value.search(pattern) >= 0 ? [value] : [];
  if (Array.isArray(value)) return value.flatMap((entry) => textsWith(entry, pattern));
  if (!isObject(value) || Object.getPrototypeOf(value) !== Object.prototype) return [];
  return Object.values(value).flatMap((entry) => textsWith(entry, pattern));
};
