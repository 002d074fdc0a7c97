// npm start: installs when needed, builds when stale, serves.
import { build, install, root, run } from './lib/setup.mjs';

process.chdir(root);
install();
build();
run(process.execPath, ['scripts/run.mjs', 'server/src/main.ts']);
