import { isObject } from './fields';
import { migration } from './recordKind';

/** From version 15 on a recipe says what of it nobody has understood; before, none did. */
export const withNotUnderstood = migration((record) =>
  isObject(record) && isObject(record['recipe'])
    ? { ...record, recipe: { ...record['recipe'], notUnderstood: [] } }
    : record,
);
