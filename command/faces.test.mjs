import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { root } from './paths.mjs';

const core = join(root, 'core/src');

/** More than so many names nobody knows a room by. */
const MOST = 39;

/** @param {string} text of a face */
function namesOf(text) {
  const lists = text.matchAll(/^export (?:type )?\{([^}]*)\}/gm);
  return [...lists].flatMap(([, names = '']) => names.split(',').filter((name) => name.trim()));
}

it('counts the names of a face', () => {
  expect(
    namesOf("export { a, type B } from './a.js';\nexport type {\n  C,\n} from './c.js';\n"),
  ).toHaveLength(3);
});

it('knows every room of the core by a face of fewer than 40 names, each exported under its path', () => {
  const faces = readdirSync(core, { recursive: true, encoding: 'utf8' }).filter((path) =>
    path.endsWith('/index.ts'),
  );
  expect(faces.length).toBeGreaterThan(20);
  const large = faces
    .map((path) => `${path}: ${namesOf(readFileSync(join(core, path), 'utf8')).length}`)
    .filter((face) => Number(face.split(': ')[1]) > MOST);
  expect(large).toEqual([]);
  const { exports } = JSON.parse(readFileSync(join(root, 'core/package.json'), 'utf8'));
  const paths = faces.map((path) => `./${path.replace('/index.ts', '')}`);
  expect(paths.filter((path) => !(path in exports))).toEqual([]);
});
