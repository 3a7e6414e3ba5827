import { z } from 'zod';
import { ADDED } from './later-fields.js';
import { diaryPart, historyPart } from './diary-part.js';
import { blockFile, blockFileOf1And2 } from './schema.js';

/** Every version there has been. */
export const versions = [1, 2, 3] as const;

/**
 * The block file's JSON Schema (2020-12) as published in `docs/formats/`, one
 * for each version: version 1 is version 2 without what was added to it.
 */
export function blockFileJsonSchema(version: (typeof versions)[number]): string {
  const shape = version === 3 ? blockFile.extend(optionalParts) : blockFileOf1And2;
  const schema = z.toJSONSchema(shape, { io: 'input' }) as Tree;
  const { properties } = schema;
  if (properties && version === 1) properties.version = { type: 'number', const: 1 };
  schema.title = `Nadir block file, version ${version}`;
  if (version === 1) for (const field of ADDED) without(schema, field.split('.'));
  return `${JSON.stringify(schema, null, 2)}\n`;
}

const optionalParts = {
  diary: diaryPart.optional().meta({ description: 'What was run.' }),
  history: historyPart
    .optional()
    .meta({ description: 'The plan of days that were over, as it was handed out.' }),
};

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
