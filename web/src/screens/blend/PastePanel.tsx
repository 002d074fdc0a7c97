import { Panel } from '../../ui/Panel';
import {
  formatPercent,
  pasteAimWords,
  pasteFeelWords,
  volumeWords,
  blendWords,
} from '@jubbet/core/words';
import { withPaste, type Evaluation } from '@jubbet/core/drops';
import { pasteAims, pasteOf } from '@jubbet/core/mixture';
import { Button } from '../../ui/Button';
import { nonBreaking } from '../../parts/nonBreaking';
import { useUnits } from '../../parts/useUnits';
import type { TokenProps } from './tokenProps';

const aims = ['damp', 'thick', 'soft'] as const;

/** How wet grains are, and as much oil as makes them what the maker wants. */
export const PastePanel = ({
  change,
  evaluation,
}: Pick<TokenProps, 'change'> & { evaluation: Evaluation }) => {
  const units = useUnits();
  const paste = pasteOf(evaluation.mixture);
  if (!paste) return null;
  const isLiquid = evaluation.mixture.bases.some(
    ({ base }) => base.trueDensityGPerMl === undefined,
  );
  return (
    <Panel aria-label="Paste" className="grid gap-2 px-4 py-3">
      <h2 className="font-sans text-[15px] font-semibold">{pasteFeelWords(paste.feel)}</h2>
      <p className="text-sm text-soft">
        {blendWords.howItFeelsIsOur(
          nonBreaking(
            `Grains are ${formatPercent(paste.grainPercent)} of the weight. The gaps between them take about ${volumeWords(paste.gapsMl, units, 2)}; ${volumeWords(paste.wetMl, units, 2)} of oil goes in.`,
          ),
        )}
      </p>
      {isLiquid && (
        <div className="flex flex-wrap gap-2">
          {aims
            .filter((feel) => feel !== paste.feel)
            .map((feel) => (
              <Button
                key={feel}
                onClick={() =>
                  change((before) => withPaste(before, evaluation, pasteAims[feel]), 'paste')
                }
              >
                {pasteAimWords[feel]}
              </Button>
            ))}
        </div>
      )}
    </Panel>
  );
};
