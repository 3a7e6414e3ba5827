import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const root = dirname(dirname(fileURLToPath(import.meta.url)));

/** All that the command keeps between runs; git ignores it. */
export const kept = join(root, '.nadir');
