import { z } from 'zod';
import { ADDED } from './later-fields.js';
import { blockFile } from './schema.js';

/**
 * The block file's JSON Schema (2020-12) as published in `docs/formats/`, one
 * for each version: version 1 is version 2 without what was added to it.
 */
export function blockFileJsonSchema(version: 1 | 2): string {
  const schema = z.toJSONSchema(blockFile, { io: 'input' }) as Tree;
  const { properties } = schema;
  if (properties?.version) {
    properties.version = version === 1 ? { type: 'number', const: 1 } : properties.version;
  }
  schema.title = `Nadir block file, version ${version}`;
  if (version === 1) for (const field of ADDED) without(schema, field.split('.'));
  return `${JSON.stringify(schema, null, 2)}\n`;
}

interface Tree {
  title?: string;
  properties?: Record<string, Tree>;
  items?: Tree;
  [key: string]: unknown;
}

function without(tree: Tree | undefined, [key, ...rest]: readonly string[]): void {
  if (!tree || key === undefined) return;
  if (key === '*') without(tree.items, rest);
  else if (rest.length > 0) without(tree.properties?.[key], rest);
  else if (tree.properties) {
    tree.properties = Object.fromEntries(
      Object.entries(tree.properties).filter(([name]) => name !== key),
    );
  }
}
