import type { Progression } from '../../spec/choices/index.js';
import { type Issue, issue } from '../../spec/index.js';
import { readSession } from '../shorthand/parse-session.js';

/** What stands against a coach's own sessions; paths start at the place in the list. */
export function issuesOfFamilies(families: readonly Progression[]): Issue[] {
  const names = new Map<string, number>();
  const ids = new Set<string>();
  return families.flatMap((family, index) => {
    const { id, name } = family;
    const found = textsOf(family).flatMap(({ path, text }) => {
      const read = readSession(text);
      if (read.ok) return [];
      return [issue('session-unreadable', [index, ...path], `${name}: ${read.problem.message}`)];
    });
    const key = name.trim().toLowerCase();
    const other = names.get(key);
    if (other !== undefined) {
      const message = `“${name}” is the name of two sessions. Give one of them another.`;
      found.push(issue('name-twice', [index, 'name'], message));
    }
    names.set(key, index);
    if (ids.has(id)) {
      found.push(issue('id-twice', [index, 'id'], `Two sessions have the id ${id}.`));
    }
    ids.add(id);
    return found;
  });
}

/** Every session that a family has written, and where. */
export function textsOf(family: Progression): { path: (string | number)[]; text: string }[] {
  const { start, exposures = [], before, after } = family;
  return [
    { path: ['start'], text: start },
    ...exposures.map((text, index) => ({ path: ['exposures', index], text })),
    ...(before === undefined ? [] : [{ path: ['before'], text: before }]),
    ...(after === undefined ? [] : [{ path: ['after'], text: after }]),
  ];
}
