/** The families of smell, as the figures have them. */
export const smellFamilies = [
  'citrus',
  'fruit',
  'green',
  'herbal',
  'minty',
  'camphor',
  'anise',
  'floral',
  'sweet',
  'spice',
  'wood',
  'earth',
  'resin',
  'balsam',
  'smoke',
  'animal',
] as const;

export type SmellFamily = (typeof smellFamilies)[number];
