// npm run build: checks the library, then builds the application; options go to Vite.
import { checkLibrary, install, run } from './lib/setup.mjs';

install();
checkLibrary();
run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', 'web', ...process.argv.slice(2)]);
