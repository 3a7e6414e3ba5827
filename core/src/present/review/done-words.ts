import { formatHours, formatPace, formatTenthsOf } from '../../base/format/index.js';
import type { Measure } from '../../base/index.js';
import type { EntryKind, MissedReason, RunEntry } from '../../record/index.js';
import { dayAndMonth } from '../../base/format/index.js';
import type { DayReviewed } from '../../review/index.js';

export const missedWords: Readonly<Record<MissedReason, string>> = {
  ill: 'ill',
  sore: 'sore',
  work: 'work',
  travel: 'travel',
  weather: 'weather',
  choice: 'by choice',
};

export const kindWords: Readonly<Record<EntryKind, string>> = {
  run: 'run',
  pool: 'pool',
  bike: 'bike',
  swim: 'swim',
  walk: 'walk',
  strength: 'strength',
  other: 'other',
  missed: 'missed',
};

/** What was done on a day, thing by thing: `12 km, 5:02 /km, effort 4`, `missed: ill`. */
export function doneWords({ entries }: Pick<DayReviewed, 'entries'>, measure: Measure): string[] {
  return entries.map((entry) => (entry.kind === 'missed' ? missed(entry) : done(entry, measure)));
}

function missed({ reason, movedTo, note, words }: RunEntry): string {
  const why = [reason && missedWords[reason], note, saidWords(words)].filter(Boolean).join(', ');
  if (movedTo) return [`moved to ${dayAndMonth(movedTo)}`, why].filter(Boolean).join(': ');
  return why === '' ? 'missed' : `missed: ${why}`;
}

function done(entry: RunEntry, { basis, unit }: Measure): string {
  const { kind, distance, time, effort, note, words, reps } = entry;
  const metres = distance !== undefined && distance > 0 ? distance : undefined;
  const pace =
    // Of repetitions the mean pace, standing and walking with it, says nothing.
    kind === 'run' && metres !== undefined && time !== undefined && !reps
      ? formatPace((time / metres) * 1000, unit)
      : undefined;
  const isByTime = basis === 'time' && time !== undefined;
  return [
    kind === 'run' ? undefined : kindWords[kind],
    isByTime || metres === undefined
      ? undefined
      : `${Number(formatTenthsOf(metres, unit))} ${unit}`,
    isByTime || !pace ? time && formatHours(time) : undefined,
    pace,
    effort === undefined ? undefined : `effort ${effort}`,
    note,
    saidWords(words),
  ]
    .filter(Boolean)
    .join(', ');
}

/** What the athlete said of it stands in quotation marks: the coach’s own note does not. */
function saidWords(words: string | undefined): string | undefined {
  return words === undefined ? undefined : `“${words}”`;
}
