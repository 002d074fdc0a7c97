import { nameIn, type Catalog } from '../catalog';

/** Words of names that keep their capital wherever they stand. */
const proper: ReadonlySet<string> = new Set(
  (
    "Atlas Australian Dalmatian E East Ethiopian German Himalayan Indian Java John’s John's Maydi " +
    'Moroccan NF ROE Roman Scots Siberian Spanish St Texas Virginian West'
  ).split(' '),
);

/** Kinds that are said behind the name: `Eucalyptus globulus`. */
const saidBehind: ReadonlySet<string> = new Set(['globulus', 'radiata']);

const small = (text: string): string => {
  const [first = ''] = text.split(/[ (-]/);
  return proper.has(first) ? text : text.charAt(0).toLowerCase() + text.slice(1);
};

/**
 * A name of the library as it is said within a sentence, without a comma: `sweet orange`, `Virginian
 * cedarwood`, `rosemary (camphor type)`, `vitamin E`.
 */
export const inSentence = (name: string): string => {
  const [what = '', kind, ...more] = name.split(', ');
  if (kind === undefined || more.length > 0) return small(name);
  if (saidBehind.has(kind)) return `${small(what)} ${kind}`;
  return / type$/.test(kind) ? `${small(what)} (${kind})` : `${small(kind)} ${small(what)}`;
};

/** The name of a material as it is said within a sentence. */
export const nameInSentence = (catalog: Catalog, id: string): string =>
  inSentence(nameIn(catalog, id));
