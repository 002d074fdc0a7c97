// Writes the JSON Schemas of the open formats from the code: node scripts/run.mjs scripts/formats.ts
import { writeFileSync } from 'node:fs';
import { blendFile1Schema, blendFile2Schema, blendFile3Schema } from '@jubbet/core/exchange';
import { z } from 'zod';

for (const [version, schema] of [
  [1, blendFile1Schema],
  [2, blendFile2Schema],
  [3, blendFile3Schema],
] as const) {
  const json = z.toJSONSchema(schema, { io: 'input' });
  writeFileSync(
    `docs/formats/jubbet-blend-${version}.schema.json`,
    `${JSON.stringify(json, null, 2)}\n`,
  );
}
