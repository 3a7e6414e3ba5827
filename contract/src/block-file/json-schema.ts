import { z } from 'zod';
import { blockFile } from './schema.js';

/** The block file's JSON Schema (2020-12) as published in `docs/formats/`. */
export function blockFileJsonSchema(): string {
  return `${JSON.stringify(z.toJSONSchema(blockFile, { io: 'input' }), null, 2)}\n`;
}
