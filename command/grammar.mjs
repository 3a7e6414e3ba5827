import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import peggy from 'peggy';
import { root } from './paths.mjs';

const folder = join(root, 'core/src/sessions/shorthand');
const made = join(folder, 'grammar.ts');

/** Makes the parser of the shorthand from its grammar: `npm run grammar`. */
const parser = peggy.generate(readFileSync(join(folder, 'grammar.peggy'), 'utf8'), {
  output: 'source',
  format: 'es',
});
const source = `// @ts-nocheck -- made from grammar.peggy by npm run grammar\n${parser}`;
if (read(made) !== source) writeFileSync(made, source);

/** @param {string} path */
function read(path) {
  try {
    return readFileSync(path, 'utf8');
  } catch {
    return undefined;
  }
}
