// Runs a TypeScript script of this project: node scripts/run.mjs FILE [arguments].
// It is bundled once, as the application is, and again only when a source has changed.
import { basename, join, resolve } from 'node:path';
import { existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { root, stateOf } from './lib/setup.mjs';

const [file, ...rest] = process.argv.slice(2);
process.argv = [process.argv[0], resolve(file), ...rest];

const name = basename(file).replace(/\.ts$/, '');
const state = stateOf([
  'core/src',
  'protocol/src',
  'server/src',
  'web/src/store',
  'scripts',
  'e2e',
]);
const folder = join(root, '.cache', 'bundles');
const bundle = join(folder, `${name}-${state.slice(0, 16)}`);

if (!existsSync(join(bundle, `${name}.js`))) {
  const { build } = await import('vite');
  // Another run may have put this very bundle there by now: it is not an older one.
  const older = existsSync(folder)
    ? readdirSync(folder).filter(
        (entry) =>
          entry.startsWith(`${name}-`) && !entry.includes('.') && entry !== basename(bundle),
      )
    : [];
  // Made beside and moved into place, so that another run never meets half of it.
  const making = `${bundle}.${process.pid}`;
  await build({
    configFile: false,
    root,
    logLevel: 'error',
    build: { ssr: resolve(file), outDir: making, emptyOutDir: true, target: 'node20' },
    ssr: { noExternal: [/^@jubbet\//] },
  });
  try {
    renameSync(making, bundle);
  } catch {
    // Another run was quicker.
    rmSync(making, { recursive: true, force: true });
  }
  for (const entry of older) rmSync(join(folder, entry), { recursive: true, force: true });
}
await import(pathToFileURL(join(bundle, `${name}.js`)).href);
