// Writes what the caps count of each oil's chemistry: node scripts/run.mjs scripts/capped.ts
import { readFileSync, writeFileSync } from 'node:fs';
import { cappedOf } from '../core/src/library/capped';
import { compositionFile, constituentLimitsFile } from '../core/src/library/schema';

const data = 'core/src/library/data';
const read = (name: string): unknown => JSON.parse(readFileSync(`${data}/${name}.json`, 'utf8'));
const capped = cappedOf(
  compositionFile.parse(read('composition')),
  constituentLimitsFile.parse(read('constituent-limits')),
);
writeFileSync(`${data}/capped.json`, `${JSON.stringify(capped)}\n`);
