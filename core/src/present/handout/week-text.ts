import { dateWords, dayWords, plural } from '../../base/format/index.js';
import { addDays } from '../../base/index.js';
import type { Handout, HandoutDay, HandoutWeek } from './handout.js';

/** A week as a message: a line a day, in words that need no table. */
export function weekText(handout: Handout, week: HandoutWeek): string {
  const lines = week.days.map((day) => `${dayWords(day.date)}: ${saidOf(day, handout)}`);
  return [
    headOf(handout, week),
    `${handout.race.name}, ${toGoWords(week)}`,
    '',
    ...lines,
    '',
    totalOf(handout, week),
    ...pacesOf(handout, week),
    handout.caution,
    '',
  ].join('\n');
}

/** The same in Markdown: a heading, a table, and what goes with it. */
export function weekMarkdown(handout: Handout, week: HandoutWeek): string {
  const rows = week.days.map((day) =>
    day.mark === 'race'
      ? `| ${dayWords(day.date)} | | **${escaped(saidOf(day, handout))}** |`
      : `| ${dayWords(day.date)} | ${day.figure || '–'} | ${escaped(day.sessions.join(' + ') || day.role)} |`,
  );
  return [
    `## ${escaped(headOf(handout, week))}`,
    '',
    `${escaped(handout.race.name)}, ${toGoWords(week)}`,
    '',
    `| Day | ${handout.unit} | What |`,
    '|---|---:|---|',
    ...rows,
    `| **Week** | **${week.figure}** | |`,
    '',
    ...pacesOf(handout, week).flatMap((line) => [escaped(line), '']),
    `*${handout.caution}*`,
    '',
  ].join('\n');
}

function headOf({ athlete, weeks }: Handout, { number, start, days }: HandoutWeek): string {
  const last = days.at(-1)?.date ?? addDays(start, 6);
  return `${athlete}: week ${number} of ${weeks.length}, ${dayWords(start)} to ${dateWords(last)}`;
}

function toGoWords({ toGo }: HandoutWeek): string {
  if (toGo === 0) return 'race week';
  return `${plural(toGo, 'week')} to go`;
}

/** The race is called by its name: “race” alone is no word to an athlete. */
function saidOf({ figure, mark, role, sessions }: HandoutDay, { unit, race }: Handout): string {
  if (mark === 'race') return `${race.name}, ${race.distance}`;
  const [only = role, ...more] = sessions;
  if (more.length === 0 || figure === '') return sessions.join(' + ') || only;
  return `${figure} ${unit}: ${sessions.join(' + ')}`;
}

function totalOf(
  { unit, race }: Handout,
  { figure, longRun, longRunFigure, toGo }: HandoutWeek,
): string {
  if (toGo === 0) return `Week: ${figure} ${unit} and the race, ${race.distance}`;
  const long = longRun > 0 ? `, long run ${longRunFigure} ${unit}` : '';
  return `Week: ${figure} ${unit}${long}`;
}

/** The paces that the week's sessions speak of. */
function pacesOf({ paces }: Handout, { days }: HandoutWeek): string[] {
  const said = days
    .flatMap(({ sessions }) => sessions)
    .join('; ')
    .toLowerCase();
  const spokenOf = paces.filter(({ name }) => spokenIn(said, spokenName(name)));
  const words = spokenOf.map(({ name, text }) => `${name} ${text}`).join('; ');
  return words === '' ? [] : [`Paces: ${words}`];
}

/** A pace called as a distance is spoken of behind its sign: `3 km easy` runs none at 3 km. */
function spokenIn(said: string, name: string): boolean {
  return said.includes(/^\d/.test(name) ? `@ ${name}` : name);
}

/** `One-hour (threshold)` is spoken of as `one-hour`. */
function spokenName(name: string): string {
  return name.replace(/ \(.*/, '').toLowerCase();
}

/** What Markdown would take for a mark. */
function escaped(text: string): string {
  return text.replace(/[\\`*_{}[\]<>#|]/g, '\\$&');
}
