import type { Brief } from '../brief';
import { placeFacts, type Oil } from '../catalog';

const onFace = new Set<string>(['face', 'beard']);

/**
 * The maximum of this oil itself, in percent of the finished product: its dermal
 * maximum, or what a fragrance oil's certificate allows for this kind of product.
 * Null where there is none, or none is known.
 */
export const dermalMaximumOf = (
  { dermalMaximum, certificate }: Oil,
  brief: Brief,
): number | null => {
  if (!certificate) return dermalMaximum.percent;
  if (brief.use === 'rinse-off' && placeFacts(brief.place).isRinsed) return certificate.rinseOff;
  // Lips and underarm have figures of their own, which no other stands for.
  if (brief.place === 'lips') return certificate.lips ?? null;
  if (brief.place === 'underarm') return certificate.underarm ?? null;
  return onFace.has(brief.place) ? certificate.face : certificate.body;
};
