import 'fake-indexeddb/auto';
import { bottleOf } from './bottle.testing';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import type { Bottle } from '@jubbet/core/stock';
import type { OwnContainer } from '@jubbet/core/catalog';
import { expect, test } from 'vitest';
import { blendStore } from './blends';
import { bottlesStore } from './bottles';
import { openDatabase, type Database } from './database';
import { draftStore } from './drafts';
import { houseStore } from './house';
import { fileOfHouse, writtenHouse } from './houseFile.testing';
import { materialsStore } from './materials';
import { peopleStore } from './people';
import { containersStore } from './containers';

/** Numbers that look random and are the same for the same seed (mulberry32). */
const seeded = (seed: number) => {
  let state = seed >>> 0;
  return (below: number): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return Math.floor((((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296) * below);
  };
};

const recipe = (name: string): Recipe => ({ ...emptyRecipe(), name });

const bottle = (lot: string): Bottle => bottleOf({ lot, openedOn: null, atStart: 10 });

const container = (name: string): OwnContainer => ({
  name,
  kind: 'tin',
  nominalMl: 15,
  workingFillPercent: 90,
});

/** What ought to be there, kept beside the store by the plainest means. */
interface Model {
  blends: Map<string, { name: string; gone: boolean }>;
  people: Map<string, { name: string; gone: boolean }>;
  bottles: Map<string, { name: string; gone: boolean }>;
  containers: Map<string, { name: string; gone: boolean }>;
  figures: Map<string, number>;
}

const act = async (db: Database, model: Model, pick: (below: number) => number) => {
  const name = `n${pick(1000)}`;
  const any = <T>(map: Map<string, T>): string | undefined => [...map.keys()][pick(map.size || 1)];
  const blends = blendStore(db);
  const people = peopleStore(db);
  const bottles = bottlesStore(db);
  const containers = containersStore(db);
  switch (pick(13)) {
    case 0:
      model.blends.set(await blends.add(recipe(name)), { name, gone: false });
      return;
    case 1: {
      const id = any(model.blends);
      const found = id && (await db.blends.get(id));
      if (!found || found.deletedAt) return;
      await blends.write(found.id, recipe(name), found.revision);
      model.blends.set(found.id, { name, gone: false });
      return;
    }
    case 2: {
      const id = any(model.blends);
      const there = id === undefined ? undefined : model.blends.get(id);
      if (id === undefined || !there) return;
      if (there.gone) await blends.restore(id);
      else await blends.remove(id);
      there.gone = !there.gone;
      return;
    }
    case 3: {
      const person = {
        name,
        born: '1985-03',
        pregnant: false,
        breastfeeding: false,
        conditions: [],
        allergies: [],
        skin: 'normal' as const,
      };
      model.people.set(await people.add(person), { name, gone: false });
      return;
    }
    case 4: {
      const id = any(model.people);
      const there = id === undefined ? undefined : model.people.get(id);
      if (id === undefined || !there) return;
      if (there.gone) await people.restore(id);
      else await people.remove(id);
      there.gone = !there.gone;
      return;
    }
    case 5:
      model.bottles.set(await bottles.add(bottle(name)), { name, gone: false });
      return;
    case 6: {
      const id = any(model.bottles);
      if (id === undefined || model.bottles.get(id)?.gone) return;
      await bottles.write(id, bottle(name));
      model.bottles.set(id, { name, gone: false });
      return;
    }
    case 7: {
      const value = 1 + pick(5);
      const figure = { kind: 'figure', figure: 'maximum', source: 'a sheet' } as const;
      const oilId = ['lavender', 'lemon', 'myrrh'][pick(3)] ?? 'lavender';
      await materialsStore(db).put({ ...figure, id: `figure-${oilId}`, oilId, value });
      model.figures.set(oilId, value);
      return;
    }
    case 8: {
      // What cannot be is refused, and leaves all as it was.
      await expect(bottles.add({ ...bottle(name), size: 1, atStart: 5 })).rejects.toThrow();
      await expect(bottles.write('nobody', bottle(name))).rejects.toMatchObject({
        code: 'deleted',
      });
      await expect(containers.add(container(' '))).rejects.toThrow();
      await expect(containers.write('nobody', container(name))).rejects.toMatchObject({
        code: 'deleted',
      });
      return;
    }
    case 9: {
      const id = any(model.blends);
      if (id !== undefined && !model.blends.get(id)?.gone)
        await draftStore(db).keep(id, recipe(name));
      return;
    }
    case 10:
      model.containers.set(await containers.add(container(name)), { name, gone: false });
      return;
    case 11: {
      const id = any(model.containers);
      const there = id === undefined ? undefined : model.containers.get(id);
      if (id === undefined || !there) return;
      if (there.gone) await containers.restore(id);
      else {
        await containers.write(id, container(name));
        await containers.remove(id);
        there.name = name;
      }
      there.gone = !there.gone;
      expect((await containers.get(id))?.container.name ?? null).toBe(
        there.gone ? null : there.name,
      );
      return;
    }
    default: {
      // All out, all cleared, all in again.
      const house = houseStore(db);
      const { unreadable } = await house.write();
      expect(unreadable).toEqual([]);
      const read = await fileOfHouse(db, await writtenHouse(db));
      await house.clear();
      expect(await db.blends.count()).toBe(0);
      await house.importHouse(read, 'replace');
    }
  }
};

const check = async (db: Database, model: Model) => {
  const there = (map: Map<string, { name: string; gone: boolean }>) =>
    [...map.values()]
      .filter(({ gone }) => !gone)
      .map(({ name }) => name)
      .sort();
  expect(
    (await blendStore(db).list()).map((blendOfToday) => blendOfToday.recipe.name).sort(),
  ).toEqual(there(model.blends));
  expect((await peopleStore(db).list()).map(({ person }) => person.name).sort()).toEqual(
    there(model.people),
  );
  expect((await bottlesStore(db).list()).map((shelved) => shelved.bottle.lot).sort()).toEqual(
    there(model.bottles),
  );
  expect((await containersStore(db).list()).map((entry) => entry.container.name).sort()).toEqual(
    there(model.containers),
  );
  const figures = (await materialsStore(db).list()).flatMap(({ own }) =>
    own.kind === 'figure' ? [[own.oilId, own.value] as const] : [],
  );
  expect(new Map(figures)).toEqual(model.figures);
};

test.each([1, 2, 3, 4])('whatever is done, in whatever order: seed %i', async (seed) => {
  const db = openDatabase(`fuzz-${seed}`);
  const pick = seeded(seed);
  const model: Model = {
    blends: new Map(),
    people: new Map(),
    bottles: new Map(),
    containers: new Map(),
    figures: new Map(),
  };
  for (let n = 0; n < 120; n += 1) await act(db, model, pick);
  await check(db, model);
  db.close();
});
