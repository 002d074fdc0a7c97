import type { Catalog, OwnMaterial } from '../catalog';
import type { Plan } from '../planning';
import { pouredIds, type Recipe } from '../recipe';
import { unique } from '../quantity';
import { dropOfBottle, keeping, type ShelvedBottle } from '../stock';
import type { z } from 'zod';
import { planDays, type planFileSchema } from './planFile';
import { fileOf } from './writeBlend';

/** A plan as it leaves in a file. */
export type PlanFileOut = z.input<typeof planFileSchema>;

/** What a plan is worked out from, as the house has it. */
export interface HouseOfPlan {
  readonly catalog: Catalog;
  /** Blends by their id; one that was deleted is not there. */
  readonly recipes: ReadonlyMap<string, Recipe>;
  readonly own: readonly OwnMaterial[];
  /** Every bottle of the house with what is left in it; finished ones tell sizes and prices. */
  readonly bottles: readonly { readonly id: string; readonly bottle: ShelvedBottle }[];
}

const timeOf = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** Each bottle by its lot, as a reader knows it, and by a number where that is none or another's. */
const bottleNames = (bottles: readonly ShelvedBottle[]): readonly string[] => {
  const taken = new Set<string>();
  return bottles.map(({ lot }, n) => {
    const plain = lot.trim();
    const name = plain !== '' && !taken.has(plain) ? plain : `${plain || 'no lot'}, no. ${n + 1}`;
    taken.add(name);
    return name;
  });
};

/** So many sizes of one material are looked at. */
const mostSizes = 50;

/** The sizes in which a material was bought, each at what it cost last. */
const sizesBought = (
  bottles: readonly ShelvedBottle[],
): { ml?: number; g?: number; price: number | null }[] => {
  const bySize = new Map<string, ShelvedBottle>();
  const inTime = [...bottles].sort((a, b) => (a.boughtOn ?? '').localeCompare(b.boughtOn ?? ''));
  for (const bottle of inTime) {
    const key = `${bottle.size} ${bottle.unit}`;
    // One without a price does not hide what it cost before.
    if (bottle.price !== null || !bySize.has(key)) bySize.set(key, bottle);
  }
  return [...bySize.values()]
    .slice(-mostSizes)
    .map(({ unit, size, price }) => ({ [unit]: size, price }));
};

/**
 * A plan as a file: its blends as they are now, the shelf with what is left, and what was bought
 * before as what can be bought. Lines of blends that are no longer there are left out.
 */
export const planFileOf = (
  plan: Plan,
  { catalog, recipes, own, bottles }: HouseOfPlan,
): PlanFileOut => {
  const lines = plan.lines.flatMap(({ id, blendId, pieces, patchTest }) => {
    const recipe = recipes.get(blendId);
    return recipe ? [{ id, recipe, pieces, patchTest }] : [];
  });
  const used = unique(lines.flatMap(({ recipe }) => pouredIds(recipe)));
  const shelf = bottles.filter(
    ({ bottle }) =>
      used.includes(bottle.materialId) && bottle.finishedOn === null && bottle.left > 0,
  );
  const names = bottleNames(shelf.map(({ bottle }) => bottle));
  const { name, from, ready, hands, pans, fridges, largestJugMl, containers, hours } = plan;
  return {
    format: 'jubbet-plan',
    version: 1,
    ...{ name, from, ready, hands, pans, fridges, largestJugMl, containers },
    ...(hours
      ? {
          hours: hours.map((span) => ({
            day: planDays[span.day] ?? 'mon',
            from: timeOf(span.from),
            to: timeOf(span.to),
          })),
        }
      : {}),
    lines: lines.map(({ recipe, ...line }) => ({ ...line, blend: fileOf(recipe, own) })),
    shelf: shelf.map(({ bottle }, n) => ({
      id: names[n] ?? '',
      material: bottle.materialId,
      [bottle.unit]: bottle.left,
      lot: bottle.lot,
      opened: bottle.openedOn,
      bestBefore: keeping(catalog, bottle)?.until ?? null,
      price: bottle.price,
      [bottle.unit === 'ml' ? 'sizeMl' : 'sizeG']: bottle.size,
      dropMl: dropOfBottle(catalog, bottle)?.likely ?? null,
    })),
    sold: used.flatMap((material) => {
      const sizes = sizesBought(
        bottles.flatMap(({ bottle }) => (bottle.materialId === material ? [bottle] : [])),
      );
      return sizes.length > 0 ? [{ material, sizes }] : [];
    }),
  };
};
