import type { PlaceId } from '@jubbet/core/catalog';

/** A part of a figure: its outline, and the place that it is for; null where nothing may go. */
interface Region {
  readonly place: PlaceId | null;
  readonly d: string;
}

/** A figure in its own units, with lines that say what it is and cannot be pressed. */
export interface Figure {
  readonly name: string;
  readonly viewBox: string;
  readonly regions: readonly Region[];
  readonly lines: readonly string[];
}

const mirrored = (d: string, width: number): string => {
  let isX = true;
  // Every command is absolute, with points only: x and y take turns.
  return d.replace(/-?\d+(?:\.\d+)?/g, (number) => {
    const value = isX ? String(width - Number(number)) : number;
    isX = !isX;
    return value;
  });
};

const both = (place: PlaceId | null, d: string, width: number): Region[] => [
  { place, d },
  { place, d: mirrored(d, width) },
];

const bodyWidth = 200;

const head =
  'M 100 8 C 116 8 123 22 122 38 C 121 52 113 66 100 66 C 87 66 79 52 78 38 C 77 22 84 8 100 8 Z';
const hair =
  'M 78 38 C 74 14 86 3 100 3 C 114 3 126 14 122 38 C 120 28 113 22 100 22 C 87 22 80 28 78 38 Z';
const backHair =
  'M 78 44 C 72 14 86 3 100 3 C 114 3 128 14 122 44 C 121 54 112 62 100 62 C 88 62 79 54 78 44 Z';
const neck =
  'M 90 60 C 91 68 90 74 86 80 C 95 84 105 84 114 80 C 110 74 109 68 110 60 C 104 66 96 66 90 60 Z';
const chest =
  'M 86 80 C 76 86 66 88 59 95 C 58 108 59 122 61 134 C 62 140 64 146 66 152 C 88 158 112 158 134 152 C 136 146 138 140 139 134 C 141 122 142 108 141 95 C 134 88 124 86 114 80 C 105 84 95 84 86 80 Z';
const belly =
  'M 66 152 C 70 166 71 178 69 190 C 66 206 62 218 61 236 C 74 244 88 250 100 252 C 112 250 126 244 139 236 C 138 218 134 206 131 190 C 129 178 130 166 134 152 C 112 158 88 158 66 152 Z';
const arm =
  'M 141 95 C 151 98 156 114 158 132 C 160 152 165 170 168 188 C 170 202 172 212 173 224 C 169 226 165 227 161 227 C 158 214 154 202 151 190 C 147 172 142 154 139 134 C 141 122 142 108 141 95 Z';
const wrist =
  'M 161 227 C 165 227 169 226 173 224 C 174 229 174 234 175 239 C 171 241 167 242 163 242 C 163 237 162 232 161 227 Z';
const hand =
  'M 163 242 C 167 242 171 241 175 239 C 180 247 182 256 181 266 C 180 276 178 286 174 288 C 170 288 168 282 167 274 C 166 268 166 262 165 258 C 164 264 162 270 159 271 C 157 266 159 254 163 242 Z';
const leg =
  'M 139 236 C 143 262 139 296 134 328 C 134 352 135 372 131 395 C 129 406 128 414 128 422 C 123 423 118 423 113 422 C 113 410 111 396 109 380 C 107 358 110 344 109 328 C 107 302 103 276 101 252 C 114 249 127 244 139 236 Z';
const foot =
  'M 128 422 C 132 432 138 440 139 448 C 138 454 124 455 114 453 C 111 449 112 434 113 422 C 118 423 123 423 128 422 Z';
const underarm =
  'M 133 126 C 136 120 140 118 143 122 C 145 128 145 136 142 142 C 138 142 134 136 133 126 Z';
const groin =
  'M 86 243 C 95 248 105 248 114 243 C 110 252 106 260 100 262 C 94 260 90 252 86 243 Z';

const limbs: readonly Region[] = [
  ...both('body-leave-on', arm, bodyWidth),
  ...both('pulse-points', wrist, bodyWidth),
  ...both('hands-or-feet', hand, bodyWidth),
  ...both('body-leave-on', leg, bodyWidth),
  ...both('hands-or-feet', foot, bodyWidth),
];

export const front: Figure = {
  name: 'front',
  viewBox: '0 0 200 460',
  regions: [
    ...limbs,
    { place: 'body-leave-on', d: belly },
    { place: 'chest-or-back-rub', d: chest },
    ...both('underarm', underarm, bodyWidth),
    { place: 'pulse-points', d: neck },
    { place: 'face', d: head },
    { place: 'scalp-or-hair', d: hair },
    { place: null, d: groin },
  ],
  lines: ['M 100 90 C 100 94 100 98 100 102', 'M 98 214 C 99 217 101 217 102 214'],
};

export const back: Figure = {
  name: 'back',
  viewBox: '0 0 200 460',
  regions: [
    ...limbs,
    { place: 'body-leave-on', d: belly },
    { place: 'chest-or-back-rub', d: chest },
    { place: 'pulse-points', d: neck },
    { place: 'scalp-or-hair', d: backHair },
  ],
  lines: [
    'M 100 92 C 99 130 99 170 100 206',
    'M 84 104 C 78 114 78 124 84 132',
    'M 116 104 C 122 114 122 124 116 132',
    'M 100 226 C 100 234 100 244 100 252',
  ],
};

const faceWidth = 120;

export const face: Figure = {
  name: 'face, beard, lips, scalp',
  viewBox: '0 0 120 142',
  regions: [
    {
      place: 'face',
      d: 'M 60 10 C 92 10 104 36 102 66 C 100 98 84 134 60 134 C 36 134 20 98 18 66 C 16 36 28 10 60 10 Z',
    },
    {
      place: 'beard',
      d: 'M 20 80 C 26 92 36 90 44 93 C 50 89 70 89 76 93 C 84 90 94 92 100 80 C 98 104 84 134 60 134 C 36 134 22 104 20 80 Z',
    },
    {
      place: 'scalp-or-hair',
      d: 'M 17 66 C 10 20 36 2 60 2 C 84 2 110 20 103 66 C 100 44 88 31 60 31 C 32 31 20 44 17 66 Z',
    },
    {
      place: 'lips',
      d: 'M 44 104 C 51 98 57 98 60 100 C 63 98 69 98 76 104 C 69 113 51 113 44 104 Z',
    },
    ...both(null, 'M 30 62 C 35 54 47 54 52 62 C 47 69 35 69 30 62 Z', faceWidth),
    { place: null, d: 'M 52 86 C 55 82 65 82 68 86 C 65 91 55 91 52 86 Z' },
  ],
  lines: [
    'M 58 62 C 55 72 53 78 52 85',
    'M 30 51 C 36 47 46 47 52 51',
    'M 68 51 C 74 47 84 47 90 51',
    'M 44 104 C 54 106 66 106 76 104',
  ],
};

export const palm: Figure = {
  name: 'hands, wrists',
  viewBox: '8 0 108 146',
  regions: [
    {
      place: 'hands-or-feet',
      d: 'M 34 118 C 30 100 27 88 24 74 C 20 58 15 46 18 40 C 21 34 28 36 30 44 C 32 52 34 58 37 65 C 36 50 35 36 36 22 C 37 12 48 12 49 22 C 50 36 50 48 52 60 C 52 44 53 28 54 14 C 56 5 67 6 67 15 C 67 30 66 46 67 61 C 69 48 71 34 73 22 C 75 13 86 16 85 25 C 84 40 82 54 81 68 C 87 66 94 62 99 58 C 106 53 113 61 107 68 C 97 80 91 95 84 108 C 82 112 82 115 82 120 C 66 124 50 123 34 118 Z',
    },
    {
      place: 'pulse-points',
      d: 'M 34 118 C 50 123 66 124 82 120 C 82 128 82 135 83 142 C 66 147 50 146 33 141 C 34 133 34 126 34 118 Z',
    },
  ],
  lines: ['M 40 92 C 52 86 64 84 76 88', 'M 44 106 C 52 96 66 92 80 96'],
};
