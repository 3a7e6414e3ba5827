/** A figure that was read, or what is wrong with it, in a sentence. */
export type Read<T> = { ok: true; value: T } | { ok: false; problem: string };

const MOST_HOURS = 48;

/** `1h31`, `1 h 31 min 20 s`; `40 min`, `40'30"`; `1.31.20`. */
const HOURS =
  /^(\d{1,2}) ?h(?:rs?|ours?)? ?(?:(\d{1,2}) ?(?:m(?:ins?)?|['’′])?)? ?(?:(\d{1,2}) ?(?:s|["″])?)?$/i;
const MINUTES =
  /^(\d{1,3}) ?(?:m(?:in(?:ute)?s?)?|['’′]) ?(?:(\d{1,2}(?:\.\d)?) ?(?:s(?:ecs?)?|["″])?)?$/i;
const DOTS = /^(\d{1,2})\.(\d\d)\.(\d\d)$/;

/** A time in words and dots as the clock that it is; any other text as it is. */
function clockOf(typed: string): string {
  const two = (part = '0') => part.padStart(2, '0');
  const [, hours, past, seconds] = HOURS.exec(typed) ?? DOTS.exec(typed) ?? [];
  if (hours !== undefined) return `${hours}:${two(past)}:${two(seconds)}`;
  const [, minutes, rest] = MINUTES.exec(typed) ?? [];
  return minutes === undefined ? typed : `${minutes}:${two(rest)}`;
}

/** Seconds per km that races are run at. */
const RACED = { quickest: 120, slowest: 1200 };

/** `sub 40`, `under 3:00`. */
const BELOW = /^(?:sub|under|below)[ -]?(?=\d)/i;
/** `39`, `18.30`: no unit, or a dot. Of three figures, as 315, nobody knows which are minutes. */
const SHORT = /^(\d{1,2})(?:\.([0-5]\d))?$/;

/**
 * Reads the time of a race: `3:05` of a marathon is three hours and five minutes, `39` of
 * 10 km are minutes, and `sub 40` is 40:00.
 *
 * @param metres the distance it is run over
 * @returns seconds
 */
export function readRaceTime(written: string, metres: number): Read<number> {
  const text = written.trim().replace(BELOW, '');
  const pace = (seconds: number) => (seconds / metres) * 1000;
  const isRaced = (seconds: number) =>
    pace(seconds) >= RACED.quickest && pace(seconds) <= RACED.slowest;
  const meant = meaningsOf(text).find(isRaced);
  if (meant !== undefined) return { ok: true, value: meant };
  const read = readTime(text);
  if (!read.ok || pace(read.value) >= RACED.quickest) return read;
  const inHours = /^\d{1,2}:\d\d$/.test(text) ? readTime(`${text}:00`) : read;
  if (inHours.ok && isRaced(inHours.value)) return inHours;
  return failed(`“${text}” is faster than anyone runs. Type it as 40:30 or 3:15:00.`);
}

/** What a short figure may be in seconds: of a distance one of them at most is raced. */
function meaningsOf(text: string): number[] {
  const [, whole, part = '0'] = SHORT.exec(text) ?? [];
  if (whole === undefined) return [];
  const minutes = Number(whole) * 60 + Number(part);
  return [minutes, minutes * 60, Number(text)];
}

/**
 * Reads a time as it is typed, `h:mm:ss`, `mm:ss`, `mm:ss.t`, `1h31` or `40 min`, and
 * says what is wrong with one that is none.
 *
 * @returns seconds
 * @example readTime('40:30') // 2430
 * @example readTime('3:75') // “3:75”: 75 seconds are more than a minute has; did you mean 4:15?
 */
export function readTime(text: string): Read<number> {
  const typed = clockOf(text.trim().replace(',', '.'));
  const parts = /^(?:(\d+):)?(\d+):(\d+(?:\.\d+)?)$/.exec(typed);
  if (typed === '') return failed('Type the time, as 40:30 or 3:15:00.');
  if (!parts) return failed(`“${text}” is not a time: type it as 40:30 or 3:15:00.`);
  const [hours, minutes, seconds] = [parts[1] ?? '0', parts[2] ?? '', parts[3] ?? ''].map(Number);
  if (hours === undefined || minutes === undefined || seconds === undefined) return failed('');
  if (seconds >= 60) {
    const meant = plain(hours * 3600 + minutes * 60 + seconds);
    return failed(
      `“${text}”: ${seconds} seconds are more than a minute has. Did you mean ${meant}?`,
    );
  }
  if (parts[1] !== undefined && minutes >= 60) {
    return failed(`“${text}”: ${minutes} minutes are more than an hour has. Check the time.`);
  }
  const value = hours * 3600 + minutes * 60 + seconds;
  if (value === 0) return failed(`“${text}” is not a time: nothing is run in it.`);
  if (value > MOST_HOURS * 3600)
    return failed(`“${text}” is longer than two days. Check the time.`);
  return { ok: true, value };
}

function plain(seconds: number): string {
  const rest = String(Math.round(seconds % 60)).padStart(2, '0');
  const minutes = Math.floor(seconds / 60);
  return minutes < 60
    ? `${minutes}:${rest}`
    : `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${rest}`;
}

function failed(problem: string): { ok: false; problem: string } {
  return { ok: false, problem };
}
