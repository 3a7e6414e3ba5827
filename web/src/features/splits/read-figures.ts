import type { Read } from '@nadir/core/base/format';

/** Metres of a race or a repetition. */
export function readMetres(text: string): Read<number> {
  return within(text, 'a distance in metres', 50, 100_000);
}

/** How many repetitions. */
export function readCount(text: string): Read<number> {
  const read = within(text, 'a number of repetitions', 1, 200);
  if (read.ok && !Number.isInteger(read.value)) {
    return { ok: false, problem: `“${text}”: repetitions are whole.` };
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
  return { ok: false, problem: 'Seconds per km from −120 to 120, with commas between.' };
}

function within(text: string, what: string, least: number, most: number): Read<number> {
  const value = Number(text.trim().replace(',', '.'));
  if (text.trim() !== '' && value >= least && value <= most) return { ok: true, value };
  return { ok: false, problem: `“${text}” is not ${what}: ${least} to ${most}.` };
}
