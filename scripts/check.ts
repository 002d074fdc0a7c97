// Reads a blend file and prints what the limits say of it, as one JSON report.
// Leaves with 0 unless the blend is over (1) or the file cannot be read (2).
import { readFileSync } from 'node:fs';
import { checkBlend } from '@jubbet/core/exchange';

const refuse = (sentence: string): void => {
  process.stderr.write(`${sentence}\n`);
  process.exitCode = 2;
};

const [path, ...more] = process.argv.slice(2);
if (path === undefined || more.length > 0) {
  refuse('file: name one blend file, as in: npm run check -- my-blend.json');
} else {
  let text: string | undefined;
  try {
    text = readFileSync(path, 'utf8');
  } catch {
    refuse(`file: ${path} cannot be opened.`);
  }
  const checked = text === undefined ? undefined : checkBlend(text);
  if (checked && !checked.ok) refuse(checked.sentence);
  if (checked?.ok) {
    process.stdout.write(`${JSON.stringify(checked.report, null, 2)}\n`);
    process.exitCode = checked.report.verdict === 'over' ? 1 : 0;
  }
}
