// Writes the JSON Schemas of the open formats from the code: node scripts/run.mjs scripts/formats.ts
import { writeFileSync } from 'node:fs';
import { blendFileSchema } from '@jubbet/core';
import { z } from 'zod';

const schema = z.toJSONSchema(blendFileSchema, { io: 'input' });
writeFileSync('docs/formats/jubbet-blend-1.schema.json', `${JSON.stringify(schema, null, 2)}\n`);
