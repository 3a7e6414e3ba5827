import { describe, expect, it } from 'vitest';
import { formatLap, formatPaceRange, formatSpeed } from './format-pace.js';
import { readPace } from './read-pace.js';
import { readDistance } from './read-distance.js';
import { readRaceTime, readTime } from './read-time.js';

describe('reading a time', () => {
  it.each([
    ['3:15:00', 11_700],
    ['40:30', 2430],
    ['4:05.6', 245.6],
    [' 90:00 ', 5400],
    ['1h31', 5460],
    ['1 h 31 min 20 s', 5480],
    ['40 min', 2400],
    ['40\'30"', 2430],
    ['1.31.20', 5480],
  ])('%s', (text, value) => {
    expect(readTime(text)).toEqual({ ok: true, value });
  });

  it.each([
    ['3:75', /75 seconds are more than a minute has. Did you mean 4:15\?/],
    ['99:99:99', /99 seconds are more than a minute has/],
    ['1:75:00', /75 minutes are more than an hour has/],
    ['0:00', /is not a time: nothing is run in it/],
    ['99:00:00', /longer than two days/],
    ['4030', /is not a time: type it as 40:30/],
    ['', /^Type the time, as 40:30/],
  ])('“%s” is refused, and why', (text, why) => {
    const read = readTime(text);
    expect(read.ok).toBe(false);
    expect(read).toMatchObject({ problem: expect.stringMatching(why) as string });
  });
});

describe('reading the time of a race', () => {
  it('takes hours where nobody runs it in minutes', () => {
    expect(readRaceTime('3:05', 42_195)).toEqual({ ok: true, value: 11_100 });
    expect(readRaceTime('1:31', 21_097.5)).toEqual({ ok: true, value: 5460 });
    expect(readRaceTime('3:50', 1500)).toEqual({ ok: true, value: 230 });
    expect(readRaceTime('40:30', 10_000)).toEqual({ ok: true, value: 2430 });
    expect(readRaceTime('3:05:00', 42_195)).toEqual({ ok: true, value: 11_100 });
  });

  it.each([
    // 39 min over 10 km are 3:54 /km; 39 h and 39 s are no pace that races are run at.
    ['39', 10_000, 2340],
    ['3', 42_195, 10_800],
    ['90', 21_097.5, 5400],
    ['2', 800, 120],
    ['55', 400, 55],
    ['18.30', 5000, 1110],
    ['58.40', 400, 58.4],
    ['3.15', 42_195, 11_700],
    ['sub 40', 10_000, 2400],
    ['sub-3', 42_195, 10_800],
    ['under 1:30', 21_097.5, 5400],
  ])('takes “%s” over %s m in the one unit that it can be', (text, metres, value) => {
    expect(readRaceTime(text, metres)).toEqual({ ok: true, value });
  });

  it.each([
    ['1', 42_195],
    ['315', 42_195],
    ['205', 800],
    ['0', 10_000],
    ['sub', 10_000],
  ])('guesses nothing of “%s” over %s m', (text, metres) => {
    expect(readRaceTime(text, metres).ok).toBe(false);
  });

  it('refuses what nobody runs', () => {
    expect(readRaceTime('0:12', 10_000)).toMatchObject({
      problem: expect.stringMatching(/faster than anyone/) as string,
    });
    expect(readRaceTime('12:30', 42_195).ok).toBe(true);
    expect(readRaceTime('9:00', 10_000)).toMatchObject({ ok: false });
  });
});

describe('reading a distance', () => {
  it.each([
    ['10k', 10_000],
    ['21.1K', 21_097.5],
    ['half', 21_097.5],
    ['Half-marathon', 21_097.5],
    ['HM', 21_097.5],
    ['marathon', 42_195],
    ['mile', 1609],
    ['10 miles', 16_093],
  ])('%s', (text, value) => {
    expect(readDistance(text, 'km')).toEqual({ ok: true, value });
  });
});

describe('reading a pace', () => {
  it('takes the unit that is written with it', () => {
    const mile = readPace('8:00 /mi', 'km');
    expect(mile.ok && mile.value).toBeCloseTo(298.26, 2);
    expect(readPace('5:00 per km', 'mi')).toEqual({ ok: true, value: 300 });
  });

  it('takes it in the shown unit', () => {
    expect(readPace('4:30', 'km')).toEqual({ ok: true, value: 270 });
    const mile = readPace('8:00', 'mi');
    expect(mile.ok && mile.value).toBeCloseTo(298.26, 2);
  });

  it('offers the other unit where that is nearer to what is usual, and takes nothing by itself', () => {
    // 8:00 typed per km by someone who runs 4:57 /km: 8:00 per mile is 4:58 per km.
    const read = readPace('8:00', 'km', 297);
    expect(read).toMatchObject({ ok: true, value: 480 });
    expect(read.guess?.words).toBe('Did you mean 8:00 /mi?');
    expect(readPace('5:10', 'km', 297).guess).toBeUndefined();
  });

  it('refuses what nobody runs at, with a guess where there is one', () => {
    expect(readPace('3:00', 'mi')).toMatchObject({
      ok: false,
      guess: { words: 'Did you mean 3:00 /km?' },
    });
    expect(readPace('0:40', 'km').ok).toBe(false);
    expect(readPace('4.30', 'km')).toMatchObject({
      problem: '“4.30” is not a pace: type it as 4:30.',
    });
  });
});

describe('paces in other words', () => {
  it('laps, speeds and ranges', () => {
    expect(formatLap(240, 400)).toBe('1:36.0');
    expect(formatLap(240, 200)).toBe('48.0');
    expect(formatLap(360, 400)).toBe('2:24');
    expect(formatSpeed(300, 'km')).toBe('12.0 km/h');
    expect(formatSpeed(300, 'mi')).toBe('7.5 mph');
    expect(formatPaceRange({ quick: 317, slow: 357 }, 'km')).toBe('5:17–5:57 /km');
    expect(formatPaceRange({ quick: 243, slow: 243 }, 'km')).toBe('4:03 /km');
  });
});
