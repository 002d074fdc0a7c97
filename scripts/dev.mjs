// npm run dev: the application with changes shown as they are made.
import { install, root, run } from './lib/setup.mjs';

process.chdir(root);
install();
run(process.execPath, ['node_modules/vite/bin/vite.js', 'web']);
