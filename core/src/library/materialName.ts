import { findBase, findOil } from './library';

/** The name of an oil or base by its id; anything else as it stands. */
export const materialName = (id: string): string => findOil(id)?.name ?? findBase(id)?.name ?? id;
