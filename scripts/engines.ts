// Walks all screens and makes a roll-on to its label, in each engine that is installed, or in the one
// whose name is given.
import { existsSync } from 'node:fs';
import { rooms } from '../e2e/screens';
import { type EngineKind, keys } from './engines/engine';
import { firefox } from './engines/firefox';
import { type EnginePage, pageOf } from './engines/page';
import { webkit } from './engines/webkit';

const house = process.env['HOUSE'] ?? 'http://localhost:4277';

/** More presses than a roll-on of a few drops takes. */
const mostPresses = 60;

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Every screen shows its heading, and the lists show what is stored. */
const walk = async (page: EnginePage): Promise<void> => {
  for (const [, path, heading] of Object.values(rooms).flat()) {
    await page.goto(path);
    await page.see(new RegExp(`^${escaped(heading)}`), 'heading');
  }
  await page.goto('/blends');
  await page.see(/Prompt desk/);
  await page.goto('/batches');
  await page.see(/After the lift/);
  await page.goto('/today');
  await page.see(/Go on/);
};

/** A roll-on from its gaps over the bench to its label. */
const makeRollOn = async (page: EnginePage): Promise<void> => {
  await page.goto('/blends');
  await page.click('button', /^New blend/);
  await page.see(/^Person: … who/, 'button');
  await page.focus(/^Name$/);
  await page.press('From another engine');
  await page.click('button', /^Person: … who/);
  await page.click('radio', /^Ines/);
  await page.click('radio', /^wrists and neck/);
  await page.click('button', /^recommended/);
  await page.click('button', /^jojoba/);
  await page.focus(/^Add an oil/);
  await page.press('lavender');
  await page.see(/lavender/i, 'option');
  await page.press(keys.enter);
  await page.see(/Within limits/);
  await page.saved();
  await page.click('link', /^Make this/);
  await page.see(/^Before you make From another engine/, 'heading');
  await page.click('button', /^To the bench/);
  await page.see(/^Making: From another engine/, 'heading');
  await page.see(/./, 'pad');
  // The space bar counts a drop; Enter goes on, also once all drops of an oil are counted.
  for (let press = 0; press < mostPresses; press += 1) {
    const pad = await page.pad();
    if (pad === null) break;
    const [, counted, wanted] = /: (\d+) of (\d+) drops?\. Press/.exec(pad) ?? [];
    await page.press(counted === wanted ? keys.enter : keys.space);
    await page.saved();
  }
  // Once it is finished the bench leads to the batch.
  await page.see(/^From another engine, batch/, 'heading');
  await page.click('link', /^Label/);
  await page.see(/^Label: From another engine/, 'heading');
  await page.see(/For external use only/);
};

const run = async ({ name, needs, start }: EngineKind): Promise<boolean | null> => {
  const missing = needs.filter(({ program }) => !existsSync(program));
  if (missing.length > 0) {
    const packages = missing.map(({ from }) => from).join(' ');
    console.log(`${name}: not installed. On Debian: apt-get install ${packages}`);
    return null;
  }
  const engine = await start();
  try {
    const page = pageOf(engine, house);
    await walk(page);
    console.log(`${name}: all screens show what is stored`);
    await makeRollOn(page);
    console.log(`${name}: a roll-on was made to its label`);
    return true;
  } catch (error) {
    console.log(`${name}: ${error instanceof Error ? error.message : String(error)}`);
    return false;
  } finally {
    await engine.close();
  }
};

const results: (boolean | null)[] = [];
const kinds = [firefox, webkit].filter(({ name }) => name.startsWith(process.argv[2] ?? ''));
for (const kind of kinds) results.push(await run(kind));
const count = (result: boolean | null): number =>
  results.filter((entry) => entry === result).length;
console.log(`${count(true)} passed, ${count(false)} failed, ${count(null)} skipped`);
process.exitCode = count(false) > 0 ? 1 : 0;
