import { type Measure, metresPer } from '../base/index.js';
import { formatDuration } from '../base/format/index.js';
import type { RunEntry } from './run-entry.js';

/** What was done on a day as it would be typed: read again it is the same, to 10 m and the second. */
export function printDone(entries: readonly RunEntry[], measure: Measure): string {
  return entries.map((entry) => printOne(entry, measure)).join(' + ');
}

function printOne(entry: RunEntry, { unit }: Measure): string {
  const { kind, distance, time, effort, heart, note, reason } = entry;
  if (kind === 'missed') return ['missed', reason, note].filter(Boolean).join(', ');
  const figures = [
    kind === 'run' ? undefined : kind,
    distance === undefined
      ? undefined
      : `${Number((distance / metresPer(unit)).toFixed(2))} ${unit}`,
    time === undefined ? undefined : formatDuration(time),
  ];
  return [
    figures.filter(Boolean).join(' '),
    effort === undefined ? undefined : `effort ${effort}`,
    heart === undefined ? undefined : `hr ${heart}`,
    note?.replaceAll('\n', ' '),
  ]
    .filter(Boolean)
    .join(', ');
}
