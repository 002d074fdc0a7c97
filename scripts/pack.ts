// Reads a blend file and prints what its pack must bear where it is sold, as one JSON report.
// Leaves with 0 unless it must not be sold there (1) or the file cannot be read (2).
import { formatISO } from 'date-fns';
import { regions, type Region } from '@jubbet/core/catalog';
import { packOf } from '@jubbet/core/exchange';
import { z } from 'zod';
import { command, fileAsked, refuse } from './commandFile';

const isRegion = (text: string): text is Region => (regions as readonly string[]).includes(text);

/** Takes an option with its value out of the arguments. */
const option = (name: string): string | undefined => {
  const at = process.argv.indexOf(name);
  if (at < 0) return undefined;
  const [, value = ''] = process.argv.splice(at, 2);
  return value;
};

command(() => {
  const region = option('--region') ?? 'eu';
  const on = option('--on') ?? formatISO(new Date(), { representation: 'date' });
  if (!isRegion(region)) return refuse(`--region: is one of ${regions.join(', ')}.`);
  if (!z.iso.date().safeParse(on).success) return refuse('--on: is a day, as in 2026-12-01.');
  const text = fileAsked('npm run pack -- my-blend.json --region eu');
  const packed = text === undefined ? undefined : packOf(text, region, on);
  if (packed && !packed.ok) refuse(packed.sentence);
  if (packed?.ok) {
    process.stdout.write(`${JSON.stringify(packed.report, null, 2)}\n`);
    process.exitCode = packed.report.notForSale.length > 0 ? 1 : 0;
  }
});
