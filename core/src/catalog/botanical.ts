import botanicalJson from './data/botanical.json';
import type { Base, Oil } from './schema';

const ofOils: Readonly<Record<string, string>> = botanicalJson.oils;

/** The plant of an oil, with its chemotype where that matters; empty where no one has said it. */
export const botanicalOf = ({ id, botanical }: Pick<Oil | Base, 'id' | 'botanical'>): string =>
  botanical ?? ofOils[id] ?? '';
