// Reads the recipes of a file (text, Markdown, HTML or JSON-LD) and prints them as one JSON report.
// Leaves with 0, also where there is none, or with 2 where the file cannot be read.
import { shippedCatalog } from '@jubbet/core/catalog';
import { readingReport } from '@jubbet/core/exchange';
import { command, fileAsked } from './commandFile';

command(() => {
  const text = fileAsked('npm run read -- my-recipe.txt');
  if (text !== undefined) {
    process.stdout.write(`${JSON.stringify(readingReport(text, shippedCatalog), null, 2)}\n`);
  }
});
