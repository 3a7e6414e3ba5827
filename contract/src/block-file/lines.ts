import type { Issue } from '@nadir/core/spec';
import { type Node, type ParseError, findNodeAtLocation, parseTree } from 'jsonc-parser';

/** A problem with the line of the file that it stands on, counted from 1. */
export type LocatedProblem = Issue & { line: number };

/**
 * Finds the line of each problem in a file's text: the field itself, or the
 * nearest thing around it where the field is missing. A text that is no JSON
 * has its problem where reading broke off.
 */
export function locate(text: string, problems: readonly Issue[]): LocatedProblem[] {
  const { root, broken } = treeOf(text);
  return problems.map((problem) => ({
    ...problem,
    line: lineAt(text, broken ?? offsetOf(root, problem.path)),
  }));
}

/** The text as a tree, and where reading it broke off. */
function treeOf(text: string): { root?: Node | undefined; broken?: number | undefined } {
  const errors: ParseError[] = [];
  try {
    const root = parseTree(text, errors, { disallowComments: true });
    return { root, broken: errors[0]?.offset };
  } catch (error) {
    // Nested too deep for its reader: then the file as a whole is what is wrong.
    if (error instanceof RangeError) return {};
    throw error;
  }
}

function offsetOf(root: Node | undefined, path: readonly (string | number)[]): number {
  for (let length = path.length; root && length > 0; length--) {
    const node = findNodeAtLocation(root, path.slice(0, length));
    // The key stands on the line that a coach looks for; its value may open below.
    if (node) return (node.parent?.type === 'property' ? node.parent : node).offset;
  }
  return 0;
}

function lineAt(text: string, offset: number): number {
  return text.slice(0, offset).split('\n').length;
}
