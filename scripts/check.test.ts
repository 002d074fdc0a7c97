import { execFile } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';

interface Checked {
  readonly stdout: string;
  readonly stderr: string;
  readonly status: number;
}

const check = (...files: string[]): Promise<Checked> =>
  new Promise((done) => {
    const args = ['scripts/run.mjs', 'scripts/check.ts', ...files];
    execFile(process.execPath, args, (error, stdout, stderr) => {
      done({ stdout, stderr, status: typeof error?.code === 'number' ? error.code : 0 });
    });
  });

// Each waits for a process of its own most of the time.
describe.concurrent('npm run check', () => {
  test.each([
    ['within', 'within', 0],
    ['caution', 'caution', 0],
    ['unknown', 'unknown', 0],
    ['over', 'over', 1],
  ])(
    '%s',
    async (name, verdict, code) => {
      const { stdout, stderr, status } = await check(`docs/formats/examples/${name}.json`);
      expect(stderr).toBe('');
      expect(status).toBe(code);
      expect(JSON.parse(stdout)).toMatchObject({ verdict });
    },
    30_000,
  );

  test('a file that cannot be read leaves with 2 and one sentence that names the field', async () => {
    const path = join(mkdtempSync(join(tmpdir(), 'jubbet-')), 'later.json');
    writeFileSync(path, '{"format":"jubbet-blend","version":3}');
    for (const [file, sentence] of [
      [path, /^version: 3 cannot be read.*\.\n$/],
      ['no/such/file.json', /^file: no\/such\/file\.json cannot be opened\.\n$/],
    ] as const) {
      const { stdout, stderr, status } = await check(file);
      expect([stdout, status]).toEqual(['', 2]);
      expect(stderr).toMatch(sentence);
    }
    expect((await check()).status).toBe(2);
  }, 30_000);
});
