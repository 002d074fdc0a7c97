// Reads a blend file and prints how it opens and dries down, as one JSON report.
// Leaves with 2 if the file cannot be read or has no oil.
import { formatISO } from 'date-fns';
import { scentReport } from '@jubbet/core/exchange';
import { command, fileAsked, refuse } from './commandFile';

command(() => {
  const text = fileAsked('npm run scent -- my-blend.json');
  const today = formatISO(new Date(), { representation: 'date' });
  const smelt = text === undefined ? undefined : scentReport(text, today);
  if (smelt && !smelt.ok) refuse(smelt.sentence);
  if (smelt?.ok) process.stdout.write(`${JSON.stringify(smelt.report, null, 2)}\n`);
});
