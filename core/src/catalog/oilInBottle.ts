import type { Analysis } from './catalog';
import type { Oil } from './schema';

/** The oil as it is in this bottle: its own analysis takes the place of typical content. */
export const oilInBottle = (oil: Oil, analysis: Analysis | null): Oil =>
  analysis
    ? {
        ...oil,
        capped: { confidence: 'high', constituents: analysis.contents },
        own: {
          ...(oil.own ?? { material: false }),
          figures: [
            ...(oil.own?.figures ?? []),
            { figure: 'contents', value: null, original: null, source: analysis.source },
          ],
        },
      }
    : oil;
