// Reads a blend file and prints what the limits say of it, as one JSON report.
// Leaves with 0 unless the blend is over (1) or the file cannot be read (2).
import { formatISO } from 'date-fns';
import { checkBlend } from '@jubbet/core/exchange';
import { command, fileAsked, refuse } from './commandFile';

command(() => {
  const text = fileAsked('npm run check -- my-blend.json');
  const checked =
    text === undefined
      ? undefined
      : checkBlend(text, formatISO(new Date(), { representation: 'date' }));
  if (checked && !checked.ok) refuse(checked.sentence);
  if (checked?.ok) {
    process.stdout.write(`${JSON.stringify(checked.report, null, 2)}\n`);
    process.exitCode = checked.report.verdict === 'over' ? 1 : 0;
  }
});
