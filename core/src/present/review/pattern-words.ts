import { dayWords, formatPercent } from '../../base/format/index.js';
import type { Pattern, PatternCode } from '../../review/index.js';

type Tell = (pattern: Pattern) => string;

const first = ({ dates }: Pattern) => dayWords(dates[0] ?? '');
const last = ({ dates }: Pattern) => dayWords(dates.at(-1) ?? '');
const figure = (value = 0) => String(Math.round(value));

/** Short names, as a row of the squad has room for. */
export const patternTitles: Readonly<Record<PatternCode, string>> = {
  'running-in-pain': 'Pain that changes the stride',
  'ill-now': 'Ill',
  'back-from-illness': 'Back from illness',
  'sore-now': 'A niggle that stays',
  'not-recovering': 'Not recovering',
  'slow-at-pulse': 'Slower at the same pulse',
  'days-missed': 'Days missed',
  'easy-too-quick': 'Easy running too quick',
  'reps-too-quick': 'Repetitions too quick in the taper',
  'paces-overtaken': 'Paces may be overtaken',
  'under-plan': 'Three weeks under plan',
  'over-plan': 'Heavier than planned',
  'sore-with-load': 'Soreness rises with the load',
  'nothing-recorded': 'Nothing recorded',
};

const SENTENCES: Readonly<Record<PatternCode, Tell>> = {
  'running-in-pain': (found) =>
    `Pain that changed the stride on ${last(found)}. No running until a physiotherapist has looked at it.`,
  'ill-now': (found) =>
    `Ill since ${first(found)}. No running with a fever; a doctor says when it is safe.`,
  'back-from-illness': (found) =>
    `Ill for ${counted(found.value, 'day')}, up to ${last(found)}: nothing hard for as many days after it.`,
  'sore-now': ({ dates, value, limit }) =>
    `Sore on ${dates.length} of the last three mornings, ${figure(value)} of 10 at most; said from ${figure(limit)}.`,
  'not-recovering': () =>
    'Three mornings in a row tired, short of sleep, without appetite or with a high pulse. An easier week answers sooner than a harder one.',
  'slow-at-pulse': ({ value = 0 }) =>
    `Easy runs of the last week went ${formatPercent(1 - value)} less far per heartbeat than in the four weeks before. Heat does it too; so does tiredness.`,
  'days-missed': (found) =>
    `${counted(found.value, 'day')} missed in a row, up to ${last(found)}. Don’t make up what was missed.`,
  'easy-too-quick': ({ value, limit }) =>
    `${figure(value)} of ${figure(limit)} easy runs in two weeks were quicker than the table.`,
  'reps-too-quick': ({ value = 0 }) =>
    `Repetitions ${formatPercent(value)} quicker than set, in the taper. Nothing is gained by it now.`,
  'paces-overtaken': ({ value = 0 }) =>
    `Two sessions in a row at least ${formatPercent(value)} quicker than set. A test or a race would say whether the paces should move.`,
  'under-plan': ({ value = 0 }) =>
    `Three weeks in a row under plan, the last at ${formatPercent(value)}. A plan that is not run is too much plan.`,
  'over-plan': ({ value = 0 }) =>
    `The last week came to ${formatPercent(value)} of its plan. More than planned is as much a departure as less.`,
  'sore-with-load': () =>
    'Soreness and load both rose, week over week, for three weeks. Hold the next week where the last one was.',
  'nothing-recorded': ({ value }) =>
    `${counted(value, 'day')} of running without a word: what was run is not known.`,
};

/** One pattern in a sentence or two. */
export function patternWords(pattern: Pattern): string {
  return SENTENCES[pattern.code](pattern);
}

function counted(value = 0, noun: string): string {
  return `${figure(value)} ${noun}${Math.round(value) === 1 ? '' : 's'}`;
}
