import { writeFileSync } from 'node:fs';
import { blockFileJsonSchema, versions } from './block-file/json-schema.js';

/** Writes the published JSON Schemas: `npm run schema`. */
for (const version of versions) {
  const target = new URL(`../../docs/formats/block.v${version}.schema.json`, import.meta.url);
  writeFileSync(target, blockFileJsonSchema(version));
}
