import { writeFileSync } from 'node:fs';
import { blockFileJsonSchema } from './block-file/json-schema.js';

/** Writes the published JSON Schema: `npm run schema`. */
const target = new URL('../../docs/formats/block.v1.schema.json', import.meta.url);
writeFileSync(target, blockFileJsonSchema());
