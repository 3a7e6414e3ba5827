import { writeFileSync } from 'node:fs';
import { blockFileJsonSchema } from './block-file/json-schema.js';

/** Writes the published JSON Schemas: `npm run schema`. */
for (const version of [1, 2] as const) {
  const target = new URL(`../../docs/formats/block.v${version}.schema.json`, import.meta.url);
  writeFileSync(target, blockFileJsonSchema(version));
}
