import { isRaced } from '../../layout/index.js';
import { type Block, type Day, mainOf, toldOf } from '../../layout/block/index.js';
import { dayRoleWords } from '../../spec/days/index.js';

/** Roles that a figure alone says. */
const PLAIN: ReadonlySet<string> = new Set(['easy', 'short-easy', 'recovery', 'rest', 'long']);

/** What is run on a day in few words, without the easy running around it; empty where the figure says it. */
export function shortWords(spec: Block['spec'], day: Day): string {
  const raced = racedOn(spec, day);
  if (raced !== undefined) return raced;
  const main = mainOf(day)?.shorthand ?? '';
  if (day.role === 'cross-train' && main) return main;
  const words = toldOf(day)
    .map(({ shorthand }) => withoutEasy(shorthand))
    .filter(Boolean)
    .join(' + ');
  if (words && day.role !== 'rest') return words;
  return PLAIN.has(day.role) ? '' : dayRoleWords[day.role];
}

function withoutEasy(shorthand: string): string {
  const parts = shorthand.split('; ').filter((part) => !/ (easy|recovery)$/.test(part));
  return parts.join('; ');
}

/** What is raced on a day; undefined where nothing is. */
function racedOn({ race, events }: Block['spec'], { date, role }: Day): string | undefined {
  if (role === 'race') return race.name;
  return isRaced(role) ? events.find(({ from }) => from === date)?.name : undefined;
}
