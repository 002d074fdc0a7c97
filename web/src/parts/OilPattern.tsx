import type { ScentFamily } from '@jubbet/core/catalog';

/** Drawn over a tile of six by six; what tells families apart where colours do not. */
const strokes: Readonly<Record<ScentFamily, string>> = {
  citrus: 'M2 3a1 1 0 1 0 2 0a1 1 0 1 0-2 0',
  minty: 'M0 1.5H6M0 4.5H6',
  'camphor-like': 'M3 1V5M1 3H5',
  herbal: 'M-1 7L7-1',
  conifer: 'M0 4L3 1.5L6 4',
  floral: 'M1.2 3a1.8 1.8 0 1 0 3.6 0a1.8 1.8 0 1 0-3.6 0M3 2.9v.2',
  spicy: 'M3 1L5 3L3 5L1 3z',
  woody: 'M1.5 0V6M4.5 0V6',
  resinous: 'M-1-1L7 7',
  balsamic: 'M0 3Q1.5 1 3 3T6 3',
  earthy: 'M-1 7L7-1M-1-1L7 7',
};

/** True for colours on which a dark line shows better than a light one. */
const isLight = (colour: string): boolean => {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  return 0.3 * r + 0.6 * g + 0.1 * b > 140;
};

/** The pattern of a family, to fill a shape with over its colour. */
export const OilPattern = ({
  id,
  family,
  colour,
  tile,
}: {
  id: string;
  family: ScentFamily;
  colour: string;
  /** How large a tile is, in the units of the drawing. */
  tile: number;
}) => (
  <pattern
    id={id}
    width={6}
    height={6}
    patternUnits="userSpaceOnUse"
    patternTransform={`scale(${tile / 6})`}
  >
    <path
      d={strokes[family]}
      fill="none"
      stroke={isLight(colour) ? '#1d2433' : '#ffffff'}
      strokeOpacity={isLight(colour) ? 0.5 : 0.6}
      strokeWidth={1}
      strokeLinecap="round"
    />
  </pattern>
);
