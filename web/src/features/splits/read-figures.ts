import type { Read } from '@nadir/core/base/format';
import * as wording from './wording.js';

/** Metres of a race or a repetition. */
export function readMetres(text: string): Read<number> {
  return within(text, wording.aDistanceInMetres, 50, 100_000);
}

/** How many repetitions. */
export function readCount(text: string): Read<number> {
  const read = within(text, wording.aNumberOfRepetitions, 1, 200);
  if (read.ok && !Number.isInteger(read.value)) {
    return { ok: false, problem: wording.repetitionsAreWhole(text) };
  }
  return read;
}

/** Seconds per km, one part after the other, with commas between. */
export function readOffsets(text: string): Read<number[]> {
  const values = text
    .replaceAll('−', '-')
    .split(/[,; ]+/)
    .filter(Boolean)
    .map(Number);
  if (values.length > 0 && values.length <= 50 && values.every((each) => Math.abs(each) <= 120)) {
    return { ok: true, value: values };
  }
  return { ok: false, problem: wording.secondsPerKmFrom120To120 };
}

function within(text: string, what: string, least: number, most: number): Read<number> {
  const value = Number(text.trim().replace(',', '.'));
  if (text.trim() !== '' && value >= least && value <= most) return { ok: true, value };
  return { ok: false, problem: wording.isNotTo(text, what, least, most) };
}
