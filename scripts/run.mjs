// Runs a TypeScript script of this project without a build: node scripts/run.mjs FILE [arguments].
import { resolve } from 'node:path';
import { runnerImport } from 'vite';

const [file, ...rest] = process.argv.slice(2);
process.argv = [process.argv[0], resolve(file), ...rest];
await runnerImport(resolve(file), { configFile: false, logLevel: 'error' });
