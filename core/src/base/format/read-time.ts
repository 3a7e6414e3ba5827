/** A figure that was read, or what is wrong with it, in a sentence. */
export type Read<T> = { ok: true; value: T } | { ok: false; problem: string };

const MOST_HOURS = 48;

/**
 * Reads a time as it is typed, `h:mm:ss`, `mm:ss` or `mm:ss.t`, and says what is
 * wrong with one that is none.
 *
 * @returns seconds
 * @example readTime('40:30') // 2430
 * @example readTime('3:75') // “3:75”: 75 seconds are more than a minute has; did you mean 4:15?
 */
export function readTime(text: string): Read<number> {
  const typed = text.trim().replace(',', '.');
  const parts = /^(?:(\d+):)?(\d+):(\d+(?:\.\d+)?)$/.exec(typed);
  if (!parts) return failed(`“${text}” is no time: type it as 40:30 or 3:15:00.`);
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
  if (value === 0) return failed(`“${text}” is no time at all: nothing is run in it.`);
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
