// Reads a plan of gifts and prints what to buy, when to do what and what it costs, as one JSON report.
// Leaves with 0, also where it cannot be ready in time; with 2 if the file cannot be read.
import { planOf } from '@jubbet/core/exchange';
import { command, fileAsked, refuse } from './commandFile';

command(() => {
  const text = fileAsked('npm run plan -- my-plan.json');
  const planned = text === undefined ? undefined : planOf(text, { placements: 300_000 });
  if (planned && !planned.ok) refuse(planned.sentence);
  if (planned?.ok) process.stdout.write(`${JSON.stringify(planned.report, null, 2)}\n`);
});
