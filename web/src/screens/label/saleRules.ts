import { madeBestBefore, type Made } from '@jubbet/core/batch';
import type { Region } from '@jubbet/core/catalog';
import type { Piece } from '@jubbet/core/label';
import { dayWords, massWords, volumeWords } from '@jubbet/core/words';
import { unitsOf } from '../../parts/useUnits';
import type { BatchRecord } from '../../store/database';
import type { Settings } from '../../store/settings';

/** What must stand on the pack, with what this one has to say; null where that is wanting. */
export const mustStand = (
  batch: BatchRecord,
  made: Made,
  piece: Piece,
  region: Region,
  set: Settings,
): readonly { readonly what: string; readonly says: string | null }[] => {
  const until = madeBestBefore(made, batch.madeOn);
  const units = { ...unitsOf(set), ounces: region === 'us' ? ('us' as const) : null };
  const content =
    made.blend.formula.by === 'weight' ? massWords(piece.g, units) : volumeWords(piece.ml, units);
  const small = piece.ml < 5 && piece.g < 5;
  return [
    {
      what: region === 'eu' ? 'Responsible person, with address' : 'Name and place of business',
      says: set.responsible.trim() || null,
    },
    {
      what: 'What it is',
      says: made.blend.purpose.trim() || null,
    },
    {
      what: region === 'eu' ? 'Content' : 'Net contents, in both measures',
      says: small && region === 'eu' ? `${content}; not needed under 5 ml or 5 g` : content,
    },
    {
      what: region === 'eu' ? 'Best used before' : 'Date (not required by law)',
      says: until ? dayWords(until.date) : null,
    },
    { what: 'Batch', says: batch.number },
    { what: 'Ingredients', says: 'as below' },
    { what: 'Precautions', says: 'as on the label' },
    ...(region === 'us'
      ? [
          {
            what: 'If its safety was not shown',
            says: 'Warning: The safety of this product has not been determined.',
          },
          {
            what: 'How to report harm, in the US',
            says: set.responsible.trim() ? 'an address, a phone number or a web address' : null,
          },
        ]
      : []),
  ];
};

/** What the law wants and no program can do. */
export const cannot: Readonly<Record<Region, readonly string[]>> = {
  eu: [
    'a product safety report by a qualified assessor, before anything is sold',
    'a product information file, kept for ten years after the last batch',
    'the notification: the EU portal (CPNP), and for Great Britain its own (SCPN), each with a responsible person there',
    'good manufacturing practice, as ISO 22716 describes it',
    'insurance for what is sold',
  ],
  us: [
    'registering where it is made, and listing the product, where the law of 2022 asks you to',
    'records that show that it is safe',
    'reports of harm, kept and passed on',
    'insurance for what is sold',
  ],
};

/** Who knows. */
export const ask: Readonly<Record<Region, string>> = {
  eu: 'Ask the authority for cosmetics of your country, or the trading standards office of your council.',
  us: 'Ask the FDA’s office for cosmetics, and your state.',
};
