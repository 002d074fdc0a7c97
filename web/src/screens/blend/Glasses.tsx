import { fillingsOf, type Blend } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import type { Mixture } from '@jubbet/core/mixture';
import { Glass } from '../../parts/Glass';
import { sizeOf } from '../../parts/container/size';

/** So many kinds of container are drawn; more are reported in words. */
const drawn = 4;

/** The containers of a blend, each kind once and all to one scale. */
export const Glasses = ({
  recipe,
  blend,
  mixture,
}: {
  recipe: Recipe;
  blend: Blend | null;
  mixture: Mixture | null;
}) => {
  const fillings = fillingsOf(recipe).slice(0, drawn);
  const span = Math.max(...fillings.map(({ container }) => sizeOf(container).width));
  const [first] = fillings;
  if (fillings.length === 1 && first) {
    // A bottle filled by amounts alone has its own line.
    const container = blend && !blend.inOne ? blend.formula.container : first.container;
    return <Glass container={container} mixture={mixture} poured={blend?.inOne ?? false} />;
  }
  return (
    <div className="grid w-full gap-3">
      {fillings.map(({ container, count }, index) => (
        <figure key={index} className="flex items-center gap-1">
          <figcaption className="w-8 text-sm text-soft">{count} ×</figcaption>
          <Glass container={container} mixture={mixture} poured spanMm={span} />
        </figure>
      ))}
    </div>
  );
};
