import type { Recipe } from '@jubbet/core/recipe';
import type { Person } from '@jubbet/core/brief';

// Wardrobe Lane, the back room of the Marlpit Players: made-up people, made-up
// blends. All numbers come from the core.

/** Born in June, so many years before the house is opened or one more. */
export const born = (years: number, day: string): string => {
  const year = Number(day.slice(0, 4)) - years - (Number(day.slice(5, 7)) > 6 ? 0 : 1);
  return `${year}-06`;
};

const person = (name: string, years: number, more: Partial<Person> = {}) => ({
  name,
  years,
  pregnant: false,
  breastfeeding: false,
  conditions: [...(more.conditions ?? [])],
  allergies: [...(more.allergies ?? [])],
  skin: more.skin ?? ('normal' as const),
  ...(more.pregnant ? { pregnant: true, trimester: more.trimester } : {}),
  // Dorrit has read through everything with all but the newest.
  asked: more.asked ?? ['everything'],
});

export const people = {
  ines: person('Ines', 41),
  teo: person('Teo', 27, { allergies: ['tree nut'] }),
  bettina: person('Bettina', 63, { skin: 'sensitive' }),
  saskia: person('Saskia', 31, { pregnant: true, trimester: 2 }),
  aubrey: person('Aubrey', 70, { conditions: ['anticoagulants'] }),
  pip: person('Pip', 8),
  rufus: person('Rufus', 35, { asked: [] }),
};

export const parts = (list: Record<string, number>): Recipe['oils'] =>
  Object.entries(list).map(([id, count]) => ({ id, amount: { unit: 'parts', value: count } }));

const bases = (list: Record<string, number>): Recipe['bases'] =>
  Object.entries(list).map(([id, count]) => ({ id, amount: { unit: 'parts', value: count } }));

export interface ExampleEntry {
  readonly id: string;
  readonly name: string;
  readonly purpose: string;
  readonly notes?: string;
  readonly wearer: keyof typeof people | 'anyone';
  readonly place?: Recipe['brief']['place'];
  readonly container?: string;
  readonly percent: number;
  readonly oils: Recipe['oils'];
  readonly bases: Recipe['bases'];
  readonly count?: number;
  readonly forSale?: true;
  readonly use?: Recipe['brief']['use'];
  /** How it is measured, mixed and parted. */
  readonly mixing?: Partial<Pick<Recipe, 'by' | 'lossPercent' | 'whipPercent'>>;
  /** Containers beside the first. */
  readonly more?: Recipe['containers'];
  /** Days before the house is opened on which it was written. */
  readonly daysAgo: number;
}

export const exampleEntries: readonly ExampleEntry[] = [
  {
    id: 'prompt-desk',
    name: 'Prompt desk',
    purpose: 'to stay awake through act three',
    notes: 'Ines wants it greener than the last one, and no louder.',
    wearer: 'ines',
    percent: 3,
    oils: parts({ petitgrain: 3, cardamom: 2, 'ylang-ylang': 1, vetiver: 1 }),
    bases: bases({ jojoba: 7, camellia_seed: 3 }),
    daysAgo: 2,
  },
  {
    id: 'after-the-lift',
    name: 'After the lift',
    purpose: 'a warm rub for calves, after rehearsal',
    notes: 'No nut oils for Teo.',
    wearer: 'teo',
    place: 'body-leave-on',
    container: 'roll-on-30',
    percent: 1.5,
    oils: parts({ 'black-pepper': 2, lavender: 3, ginger: 1, 'rosemary-verbenone': 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 9,
  },
  {
    id: 'third-mouse',
    name: 'Third mouse',
    purpose: 'for the wait in the wings',
    wearer: 'pip',
    container: 'roll-on-15',
    percent: 1,
    oils: parts({ mandarin: 1, lavender: 1 }),
    bases: bases({ jojoba: 1 }),
    daysAgo: 14,
  },
  {
    id: 'pins-and-hems',
    name: 'Pins and hems',
    purpose: 'something soft for long fittings',
    wearer: 'saskia',
    container: 'roll-on-30',
    percent: 0.8,
    oils: parts({ 'orange-sweet': 1, petitgrain: 1 }),
    bases: bases({ jojoba: 4, argan: 1 }),
    daysAgo: 20,
  },
  {
    id: 'raffle-table',
    name: 'Raffle table',
    purpose: 'roll-on perfume from the Marlpit Players',
    wearer: 'anyone',
    percent: 1,
    oils: parts({ 'bergamot-fcf': 2, lavender: 1, 'cedarwood-virginian': 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    count: 6,
    forSale: true,
    daysAgo: 26,
  },
  {
    id: 'row-g',
    name: 'Row G',
    purpose: 'for Aubrey’s wrists on a matinee day',
    wearer: 'aubrey',
    percent: 1,
    oils: parts({ frankincense: 1, lavender: 1 }),
    bases: bases({ jojoba: 1 }),
    daysAgo: 33,
  },
  {
    id: 'leading-lady',
    name: 'Leading lady',
    purpose: 'a whisper of roses',
    notes: 'Her skin minds everything. Half a percent, and a patch test first.',
    wearer: 'bettina',
    container: 'roll-on-15',
    percent: 0.5,
    oils: parts({ geranium: 1, 'sandalwood-australian': 1 }),
    bases: bases({ squalane: 1, jojoba: 1 }),
    daysAgo: 40,
  },
];

export const pouring: readonly ExampleEntry[] = [
  {
    id: 'understudy',
    name: 'Understudy',
    purpose: 'a beard oil, while it grows for the part',
    wearer: 'rufus',
    place: 'beard',
    container: 'dropper-30',
    percent: 1,
    oils: parts({ 'cedarwood-virginian': 2, 'bergamot-fcf': 1 }),
    bases: bases({ jojoba: 66, argan: 33, vitamin_e: 1 }),
    daysAgo: 45,
  },
  {
    id: 'encore',
    name: 'Encore',
    purpose: 'a massage oil for the night after',
    wearer: 'ines',
    place: 'body-massage',
    container: 'pump-100',
    percent: 2,
    oils: parts({ lavender: 3, 'marjoram-sweet': 1, 'orange-sweet': 2 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 48,
  },
  {
    id: 'cold-cream',
    name: 'Cold cream',
    purpose: 'a facial oil, once the paint is off',
    wearer: 'ines',
    place: 'face',
    container: 'dropper-15',
    percent: 0.7,
    oils: parts({ frankincense: 1, geranium: 1 }),
    bases: bases({ squalane: 3, rosehip_seed: 1 }),
    daysAgo: 52,
  },
  {
    id: 'opening-night',
    name: 'Opening night',
    purpose: 'a perfume oil, a dab behind the ear',
    wearer: 'ines',
    place: 'perfume-small-area',
    container: 'dropper-10',
    percent: 5,
    oils: parts({ 'bergamot-fcf': 4, frankincense: 3, patchouli: 2, vetiver: 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 55,
  },
  {
    id: 'prop-room',
    name: 'Prop room',
    purpose: 'an oil spray for dry arms',
    wearer: 'anyone',
    place: 'body-leave-on',
    container: 'spray-60',
    percent: 0.8,
    oils: parts({ 'orange-sweet': 2, 'cedarwood-virginian': 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 58,
  },
];
