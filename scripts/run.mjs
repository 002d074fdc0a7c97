// Runs a TypeScript script of this project: node scripts/run.mjs [--built] FILE [arguments].
// With --built it is bundled first, as the application is, for measuring times.
import { basename, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build, runnerImport } from 'vite';

const isBuilt = process.argv[2] === '--built';
const [file, ...rest] = process.argv.slice(isBuilt ? 3 : 2);
process.argv = [process.argv[0], resolve(file), ...rest];

if (isBuilt) {
  const outDir = resolve('.cache', 'bundle');
  await build({
    configFile: false,
    logLevel: 'error',
    build: { ssr: resolve(file), outDir, emptyOutDir: true, target: 'node20' },
  });
  await import(pathToFileURL(resolve(outDir, basename(file).replace(/\.ts$/, '.js'))).href);
} else {
  await runnerImport(resolve(file), { configFile: false, logLevel: 'error' });
}
