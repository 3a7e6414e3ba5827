import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const root = dirname(dirname(fileURLToPath(import.meta.url)));

/** What the command keeps between runs of what it built; git ignores it. */
export const kept = join(root, '.nadir');

/** Where coaches' data is kept: beside that, or where NADIR_DATA says. */
export const dataFolder = process.env.NADIR_DATA ? resolve(process.env.NADIR_DATA) : kept;
