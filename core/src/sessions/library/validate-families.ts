import type { SessionFamily } from '../../spec/progression.js';
import { readSession } from '../shorthand/parse-session.js';
import { type Problem, problem } from '../../spec/issue.js';

/** What stands against a coach's own sessions; paths start at the place in the list. */
export function problemsOfLibrary(families: readonly SessionFamily[]): Problem[] {
  const names = new Map<string, number>();
  const ids = new Set<string>();
  return families.flatMap(({ id, name, start }, index) => {
    const found: Problem[] = [];
    const read = readSession(start);
    if (!read.ok) {
      found.push(
        problem('session-unreadable', [index, 'start'], `${name}: ${read.problem.message}`),
      );
    }
    const key = name.trim().toLowerCase();
    const other = names.get(key);
    if (other !== undefined) {
      const message = `“${name}” is the name of two sessions. Give one of them another.`;
      found.push(problem('name-twice', [index, 'name'], message));
    }
    names.set(key, index);
    if (ids.has(id)) {
      found.push(problem('id-twice', [index, 'id'], `Two sessions have the id ${id}.`));
    }
    ids.add(id);
    return found;
  });
}
