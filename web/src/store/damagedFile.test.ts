import 'fake-indexeddb/auto';
import { zipSync } from 'fflate';
import { beforeAll, describe, expect, test } from 'vitest';
import { crcEnd, crcOf, crcStart } from './checksum';
import { openDatabase } from './database';
import { houseStore } from './house';
import { writtenHouse } from './houseFile.testing';
import { unpackHouse } from './houseZip';
import { tables } from './records';
import { seedOnce } from './seed.testing';

// A backup that a stick, a disk or a mail has changed: what is damaged is named, nothing changed is
// taken for what was written.

let bytes: Uint8Array;
let whole: ReturnType<typeof unpackHouse>;
const names: ReadonlySet<string> = new Set(tables);

beforeAll(async () => {
  const db = openDatabase('damaged');
  await seedOnce(db, '2026-11-26');
  bytes = await writtenHouse(db);
  whole = unpackHouse(bytes, names);
});

test('the checksum is the one that zips carry', () => {
  // "123456789" comes to CBF43926, the check value of CRC-32.
  const of = (text: string) => crcEnd(crcOf(new TextEncoder().encode(text), crcStart));
  expect(of('123456789').toString(16)).toBe('cbf43926');
  expect(of('')).toBe(0);
});

test('of 1,000 turned bits none comes in changed', () => {
  let seed = 1;
  const random = (below: number): number => {
    seed = (Math.imul(seed, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((seed / 2 ** 32) * below);
  };
  const written = Object.fromEntries(
    tables.map((table) => [table, JSON.stringify(whole.rows[table])]),
  );
  const outcomes = { refused: 0, named: 0, harmless: 0 };
  for (let n = 0; n < 1000; n += 1) {
    const turned = bytes.slice();
    const at = random(turned.length);
    turned[at] = (turned[at] ?? 0) ^ (1 << random(8));
    try {
      const { rows, damaged, head } = unpackHouse(turned, names);
      expect(head).toEqual(whole.head);
      for (const table of tables) {
        if (damaged.includes(table)) continue;
        // What is not named is what was written, or is missing and refused by who asks for it.
        const text = rows[table] && JSON.stringify(rows[table]);
        expect(text === undefined || text === written[table]).toBe(true);
      }
      outcomes[damaged.length > 0 ? 'named' : 'harmless'] += 1;
    } catch {
      outcomes.refused += 1;
    }
  }
  expect(outcomes.named).toBeGreaterThan(500);
  expect(outcomes.refused + outcomes.named + outcomes.harmless).toBe(1000);
}, 60_000);

describe('what is damaged', () => {
  test('is named, and what is whole can be added', async () => {
    const head = new TextEncoder().encode('blends.json');
    const at = bytes.findIndex((_, from) =>
      head.every((letter, offset) => bytes[from + offset] === letter),
    );
    const turned = bytes.slice();
    turned[at + head.length + 40] = (turned[at + head.length + 40] ?? 0) ^ 4;
    const db = openDatabase('damaged-added');
    const read = await houseStore(db).read(turned);
    if (!read.ok) throw new Error(read.problem.code);
    expect(read.damaged).toEqual(['blend']);
    await houseStore(db).importHouse(read, 'add');
    expect(await db.blends.count()).toBe(0);
    expect(await db.people.count()).toBe(whole.rows['people']?.length);
  });

  test('cut off after any record, it says so', async () => {
    const db = openDatabase('damaged-cut');
    for (const share of [0.1, 0.5, 0.9, 0.999]) {
      const read = await houseStore(db).read(bytes.slice(0, Math.floor(share * bytes.length)));
      expect(read).toMatchObject({ ok: false, problem: { code: 'cut-off' } });
    }
  });
});

test('what packs better than records do is refused before it is unpacked', () => {
  const bomb = zipSync({
    'house.json': new Uint8Array(10),
    'blends.json': new Uint8Array(60_000_000),
  });
  const seen: number[] = [];
  expect(() => unpackHouse(bomb, names, (share) => seen.push(share))).toThrow('too-large');
  expect(seen).toEqual([]);
});
