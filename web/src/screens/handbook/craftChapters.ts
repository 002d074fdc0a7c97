import {
  type Catalog,
  baseFacts,
  dropFigures,
  guidelines,
  handbook,
  textureFigures,
} from '@jubbet/core/catalog';
import {
  countedWords,
  capitalised,
  formatList,
  formatNumber,
  formatPercent,
} from '@jubbet/core/words';
import { degrees, list, readable, table, text, type Chapter } from './chapter';
import { byOilName } from './oilChapters';

export const carriers = ({ bases }: Catalog): Chapter => ({
  id: 'carriers',
  title: 'Carriers and other bases compared',
  blocks: [
    table(
      'Bases',
      ['Base', 'Kind', 'Absorbs', 'Feel', 'Melts', 'Keeps', 'Suits'],
      bases.map((base) => {
        const facts = baseFacts(base.id);
        return [
          base.name,
          base.kind,
          facts?.absorption ?? 'not known',
          facts?.feel ?? 'not known',
          degrees(base.meltRangeC),
          countedWords(base.shelfMonths, 'month'),
          formatList(facts?.skin ?? []),
        ];
      }),
    ),
  ],
});

export const texture = (catalog: Catalog): Chapter => {
  const wax = { ...handbook.texture, ...textureFigures };
  return {
    id: 'texture',
    title: 'Wax and texture',
    blocks: [
      text(wax.note),
      table(
        'Beeswax in liquid oil, by weight',
        ['Wax', 'Texture', 'Sets at', 'Good for'],
        wax.bands.map((band) => [
          `${band.waxPercent[0]} to ${formatPercent(band.waxPercent[1])}`,
          `${band.texture}: ${band.words}`,
          degrees(band.setPointC),
          band.use,
        ]),
      ),
      table(
        'Instead of 1 g of beeswax',
        ['Wax', 'Use', 'Range', 'Feel', 'Confidence'],
        wax.waxEquivalents.map((waxEquivalent) => [
          catalog.base(waxEquivalent.wax)?.name ?? waxEquivalent.wax,
          `${waxEquivalent.gramsForOneGramBeeswax} g`,
          `${waxEquivalent.range[0]} to ${waxEquivalent.range[1]} g`,
          waxEquivalent.feel,
          waxEquivalent.confidence,
        ]),
      ),
      table(
        'Butters',
        ['Butter', 'What it does'],
        wax.butters.map(({ id, effect }) => [catalog.base(id)?.name ?? id, effect]),
      ),
      table(
        'Usual proportions, percent by weight',
        ['Made', 'Ingredients', 'Note', 'Confidence'],
        wax.usualRatios.map((usualRatio) => [
          capitalised(usualRatio.product),
          formatList(
            Object.entries(usualRatio.parts).map(
              ([what, [least, most]]) => `${readable(what)} ${least} to ${most}`,
            ),
          ),
          usualRatio.note,
          usualRatio.confidence,
        ]),
      ),
      table(
        'Setting times',
        ['Container', 'At 20 to 22 °C', 'In the fridge', 'Confidence'],
        wax.settingTimes.map((settingTime) => [
          capitalised(settingTime.container),
          settingTime.room,
          settingTime.fridge,
          settingTime.confidence,
        ]),
      ),
      list(wax.settingTips),
      table(
        'What goes wrong',
        ['Sign', 'Cause', 'Remedy', 'Confidence'],
        wax.faults.map((fault) => [
          capitalised(fault.sign),
          fault.cause,
          fault.remedy,
          fault.confidence,
        ]),
      ),
      text(wax.climate),
    ],
  };
};

export const patchTest = (): Chapter => {
  const { patchTest: patch } = handbook;
  return {
    id: 'patch-test',
    title: 'Patch test',
    blocks: [
      text(
        `${capitalised(patch.used.how)}. Checked after ${formatList(patch.used.readAt.map((hours) => `${hours} hours`))}.`,
      ),
      table(
        'What you see, and what it means',
        ['What you see', 'Means'],
        patch.reading.map(({ sign, means }) => [capitalised(sign), means]),
      ),
      text(
        `Never with ${formatList(patch.never)}.`,
        `Other views: ${formatList(patch.otherSchools)}.`,
      ),
    ],
  };
};

export const storage = (catalog: Catalog): Chapter => ({
  id: 'storage',
  title: 'Storing oils',
  blocks: [
    text(
      'Keep them cool, dark, full and closed. Oxidised limonene, linalool and pinene sensitise skin: use old citrus or tea tree for cleaning, not on skin.',
    ),
    table(
      'Shelf life of an oil once opened',
      ['Oil', 'Years', 'Oxidises'],
      byOilName(catalog).map((oil) => [oil.name, formatNumber(oil.shelfYears), oil.oxidation]),
    ),
  ],
});

export const labelLaw = (): Chapter => {
  const { labelLaw: law } = handbook;
  return {
    id: 'label-law',
    title: 'Label law in short',
    blocks: [
      text(`As of ${handbook.asOf}. This is not legal advice; ask your local authority.`),
      table(
        'European Union, for products on sale',
        ['What', 'Where', 'Confidence'],
        law.eu.map((entry) => [entry.text, entry.where, entry.confidence]),
      ),
      text('Before anything is sold in the EU:'),
      list(law.euBeforeSale),
      text(law.handmade, law.uk, law.allergens),
      table(
        'United States',
        ['What', 'Confidence'],
        law.us.map((entry) => [entry.text, entry.confidence]),
      ),
      text(law.usAct, law.usLine, law.durability, law.gift),
      text(`Words that make it a medicine: ${formatList(law.claims)}.`),
    ],
  };
};

export const disagree = (): Chapter => ({
  id: 'disagree',
  title: 'Where makers disagree, and what Jubbet does',
  blocks: [
    table(
      'Questions',
      ['Question', 'Views', 'Jubbet'],
      [
        [
          'Drops per ml',
          formatList(dropFigures.sizes.map(({ perMl }) => String(perMl))),
          `${dropFigures.sizes.find((size) => size.default)?.perMl ?? ''} unless you change it, because it rarely understates strength; a drop measured from your own bottle beats any of them`,
        ],
        [
          'How strong',
          formatList(guidelines.all.map(({ name }) => name.toLowerCase())),
          'clinical or cautious, as you choose; the strong dilutions are shown but never used',
        ],
        [
          'Sun after phototoxic oils',
          formatList(
            guidelines.phototoxic.hoursOutOfSun.views.map(({ hours }) => `${hours} hours`),
          ),
          `${guidelines.phototoxic.hoursOutOfSun.used} hours on every label`,
        ],
        [
          'Patch test',
          formatList(handbook.patchTest.otherSchools),
          `${handbook.patchTest.used.hours} hours, checked after ${formatList(handbook.patchTest.used.readAt.map(String))}`,
        ],
        [
          'When to add oils to a melt',
          'at once; after a few minutes; after an hour',
          'by temperature: as cool as it will still pour',
        ],
        [
          'Oils or carrier first',
          'either',
          'oils first in small containers, carrier first in a weighed melt',
        ],
      ],
    ),
  ],
});
