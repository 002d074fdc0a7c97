import { readFileSync } from 'node:fs';
import { differenceInCalendarDays, addDays, format, parseISO } from 'date-fns';
import type { Page } from '@playwright/test';

// The stored house of the browser tests: a frozen one, apart from the example, put into the browser
// as it would be found there on a later visit. `npm run fixtures` renews it.

interface Fixture {
  /** The day of the frozen house. */
  readonly day: string;
  readonly version: number;
  readonly stores: readonly {
    readonly name: string;
    readonly keyPath: string | string[];
    readonly autoIncrement: boolean;
    readonly indexes: readonly {
      readonly name: string;
      readonly keyPath: string | string[];
      readonly unique: boolean;
      readonly multiEntry: boolean;
    }[];
  }[];
  readonly rows: Readonly<Record<string, readonly unknown[]>>;
}

const text = readFileSync(new URL('./fixtures/house.json', import.meta.url), 'utf8');

/** The house as JSON, its dates moved so that today is to it what its own day was. */
const movedTo = (today: Date): string => {
  const { day } = JSON.parse(text) as Fixture;
  const days = differenceInCalendarDays(today, parseISO(day));
  const moved = (date: string): string => format(addDays(parseISO(date), days), 'yyyy-MM-dd');
  const years = Number(moved(day).slice(0, 4)) - Number(day.slice(0, 4));
  return (
    text
      .replace(/\b(?:19|20)\d\d-\d\d-\d\d(?=["T])/g, moved)
      // The year of a batch number.
      .replace(
        /"(20\d\d)-(\d{3})"/g,
        (_, year: string, n: string) => `"${Number(year) + years}-${n}"`,
      )
  );
};

/** One of each day: most tests of a run are of one. */
const byDay = new Map<string, string>();

const houseOf = (today: Date): string => {
  const day = format(today, 'yyyy-MM-dd');
  const house = byDay.get(day) ?? movedTo(today);
  byDay.set(day, house);
  return house;
};

/** The same, with everything unfolded, as a maker has it who wants to see all. */
const unfolded = (house: string): string =>
  house.replace(
    /"settings":\s*\[/,
    (found) => `${found}${JSON.stringify({ key: 'unfolded', value: ['sheet/amounts'] })},`,
  );

/**
 * Puts the house into the browser of a page, on the page’s own address.
 *
 * @param isFolded as on a first day: else its maker has unfolded everything
 */
export const storeHouse = async (page: Page, isFolded = false): Promise<void> => {
  // A small file of the address: nothing of the application runs yet.
  await page.goto('/icon.svg');
  await page.evaluate(
    (house) =>
      new Promise<void>((resolve, reject) => {
        const { version, stores, rows } = JSON.parse(house) as Fixture;
        const open = indexedDB.open('jubbet', version);
        open.onerror = () => reject(new Error('the house could not be stored'));
        open.onupgradeneeded = () => {
          for (const { name, keyPath, autoIncrement, indexes } of stores) {
            const store = open.result.createObjectStore(name, { keyPath, autoIncrement });
            for (const index of indexes) store.createIndex(index.name, index.keyPath, index);
            for (const row of rows[name] ?? []) store.put(row);
          }
        };
        open.onsuccess = () => {
          open.result.close();
          resolve();
        };
      }),
    // As text: values are taken apart on their way into a page, and that takes longer.
    isFolded ? houseOf(new Date()) : unfolded(houseOf(new Date())),
  );
};
