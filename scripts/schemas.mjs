// Writes the published JSON Schemas of files and of the verb `act` from the core's own lists: node scripts/schemas.mjs
import { writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { actSchema, logSchema, practicalSchema, syllabusSchema } from '../packages/core/dist/index.js';

for (const [name, schema] of [
  ['practical', practicalSchema],
  ['syllabus', syllabusSchema],
  ['log', logSchema],
  ['act', actSchema],
])
  writeFileSync(
    new URL(`../docs/schemas/${name}.schema.json`, import.meta.url),
    await format(JSON.stringify(schema), { parser: 'json', printWidth: 110 }),
  );
