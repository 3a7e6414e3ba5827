import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { dayLoad, recordedLoad } from '../index.js';

const block = layOut(marathon);
const easy = block.weeks[0]?.days.find(({ role }) => role === 'easy');

describe('what a recorded day weighs', () => {
  if (!easy) throw new Error('The first week has an easy day.');
  const at = { date: easy.date, place: 0 } as const;
  const of = (entry: object, hearts = {}) =>
    recordedLoad(easy, [{ ...at, kind: 'run', time: 3600, ...entry }], hearts);

  it('is not known of a day of which nothing is recorded', () => {
    expect(recordedLoad(easy, [], {})).toBeUndefined();
  });

  it('is minutes × the effort that was recorded: 60 × 6', () => {
    expect(of({ effort: 6 })).toBe(360);
  });

  // 150 of 46 to 188 is 104/142 of the reserve, 0.7324: 3 + 18 · 0.1324 = 5.383 an easy 60 minutes.
  it('goes by the heart rate where it is there, by hand', () => {
    expect(of({ heart: 150 }, { maxHeart: 188, restHeart: 46 })).toBeCloseTo(60 * 5.383, 1);
    // 150 of 188 is 0.7979 of the highest: 3 + 25 · 0.0979 = 5.447.
    expect(of({ heart: 150 }, { maxHeart: 188 })).toBeCloseTo(60 * 5.447, 1);
    expect(of({ heart: 150 })).toBe(180);
    expect(of({ heart: 40 }, { maxHeart: 188, restHeart: 46 })).toBe(60);
  });

  it('is as planned where neither is there, and nothing of a missed run', () => {
    expect(of({ time: easy.time })).toBeCloseTo(dayLoad(easy), 6);
    expect(of({ time: undefined, distance: easy.distance })).toBeCloseTo(dayLoad(easy), 6);
    expect(recordedLoad(easy, [{ ...at, kind: 'missed' }], {})).toBe(0);
  });

  it('is something on a day of rest too, where distance alone is known: 10 km at six minutes by 3', () => {
    const rest = block.weeks[0]?.days.find(({ role }) => role === 'rest');
    if (!rest) throw new Error('The first week has a day of rest.');
    const run = { date: rest.date, place: 0, kind: 'run', distance: 10_000 } as const;
    expect(recordedLoad(rest, [run], {})).toBe(180);
  });

  it('moves the legs: a week not run leaves them lighter', () => {
    const record = (block.weeks[1]?.days ?? []).map(({ date }) => ({
      date,
      place: 0,
      kind: 'missed' as const,
    }));
    const lighter = layOut(marathon, { record });
    expect(lighter.legs.days[14]?.value).toBeLessThan((block.legs.days[14]?.value ?? 0) - 0.2);
    expect(lighter.weeks).toEqual(block.weeks);
  });
});
