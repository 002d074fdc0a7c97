// Reads the recipes of a file (text, Markdown, HTML or JSON-LD) and prints them as one JSON report.
// Leaves with 0, also where there is none, or with 2 where the file cannot be read.
import { readFileSync } from 'node:fs';
import { shippedCatalog } from '@jubbet/core/catalog';
import { readingReport } from '@jubbet/core/exchange';

const refuse = (sentence: string): void => {
  process.stderr.write(`${sentence}\n`);
  process.exitCode = 2;
};

const [path, ...more] = process.argv.slice(2);
if (path === undefined || more.length > 0) {
  refuse('file: name one file, as in: npm run read -- my-recipe.txt');
} else {
  let text: string | undefined;
  try {
    text = readFileSync(path, 'utf8');
  } catch {
    refuse(`file: ${path} cannot be opened.`);
  }
  if (text !== undefined) {
    process.stdout.write(`${JSON.stringify(readingReport(text, shippedCatalog), null, 2)}\n`);
  }
}
