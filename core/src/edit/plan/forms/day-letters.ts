import { weekdays } from '../../../base/index.js';

/** `M: rest`, `- T: 8 easy`: a day by its letter alone. */
const LETTERED = /^(?<set>\W*)(?<letter>[MTWFS])(?<text>[\s:.–—-].*)$/i;

const DAYS = weekdays.length;

/** The days’ letters over two weeks, so that a week may begin on any of them. */
const LETTERS = [...weekdays, ...weekdays].map((day) => day.charAt(0)).join('');

/**
 * Lines whose days are told by letters, with the days’ names; as they are where
 * the letters are no whole weeks, since a T alone may be either day.
 */
export function namedByLetter(lines: readonly string[]): readonly string[] {
  const lettered = lines.filter((line) => LETTERED.test(line));
  const names: string[] = [];
  for (let from = 0; from < lettered.length; from += DAYS) {
    const week = lettered.slice(from, from + DAYS).map(letterOf);
    const first = LETTERS.indexOf(week.join(''));
    if (week.length < DAYS || first < 0) return lines;
    names.push(...week.map((_, place) => weekdays[(first + place) % DAYS] ?? ''));
  }
  return lines.map((line) => {
    const { set = '', text } = LETTERED.exec(line)?.groups ?? {};
    return text === undefined ? line : `${set}${names.shift()}${text}`;
  });
}

function letterOf(line: string): string {
  return LETTERED.exec(line)?.groups?.letter?.toLowerCase() ?? '';
}
