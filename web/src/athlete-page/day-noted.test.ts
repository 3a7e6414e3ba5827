import type { AthletePage, SentBody } from '@nadir/contract/athlete';
import { METRES_PER_MILE } from '@nadir/core/base';
import { describe, expect, it } from 'vitest';
import { dayNoted, runIn } from './day-noted.js';
import type { Waiting } from './device.js';

const date = '2027-02-09';
const page: AthletePage = {
  athlete: 'Idris Vale',
  coach: 'Maren Tolvik',
  ends: '2027-05-16',
  daysAhead: 0,
  block: null,
  done: [
    { date, place: 0, kind: 'run', distance: 12_000, time: 3900, revision: 2, mine: false },
    { date, place: 1, kind: 'strength', time: 1200, revision: 1, mine: true },
    { date: '2027-02-08', place: 0, kind: 'run', distance: 6000, revision: 1, mine: true },
  ],
  sore: [],
  said: [],
  requests: [],
};
const waits = (body: SentBody, refused?: string): Waiting => ({
  id: crypto.randomUUID(),
  at: '2027-02-09T18:00:00Z',
  body,
  refused,
});
const run = (distance: number) =>
  ({ revision: null, place: 0, kind: 'run', distance, effort: 4 }) as const;

describe('what is known of a day', () => {
  it('is what the page has of it, in its order', () => {
    const { entries, waits: isWaiting } = dayNoted(page, [], date);
    expect(entries.map(({ place }) => place)).toEqual([0, 1]);
    expect(isWaiting).toBe(false);
  });

  it('is what waits to be sent, over what stands in its place', () => {
    const sore = { where: 'left calf', level: 4 };
    const body: SentBody = { kind: 'done', date, entries: [run(10_000)], sore };
    const noted = dayNoted(page, [waits(body)], date);
    expect(noted.entries).toMatchObject([
      { place: 0, distance: 10_000, mine: true, revision: null },
      { place: 1, kind: 'strength' },
    ]);
    expect(noted).toMatchObject({ waits: true, sore: { date, ...sore } });
    expect(dayNoted(page, [waits(body)], '2027-02-08').waits).toBe(false);
  });

  it('is without what is taken back, and untouched by what was refused or asked', () => {
    const back: SentBody = { kind: 'take-back', date, entries: [{ place: 1, revision: 1 }] };
    expect(dayNoted(page, [waits(back)], date).entries.map(({ place }) => place)).toEqual([0]);
    const refused = waits({ kind: 'done', date, entries: [run(1)] }, 'No.');
    const asked = waits({ kind: 'move', from: date, to: '2027-02-11' });
    expect(dayNoted(page, [refused, asked], date)).toMatchObject({ waits: false });
  });
});

describe('what was run of a week', () => {
  const days = [dayNoted(page, [], date), dayNoted(page, [], '2027-02-08')];

  it('adds up what was run alone, in the unit of the page', () => {
    expect(runIn(days, { basis: 'distance', unit: 'km' })).toBe(18);
    expect(runIn(days, { basis: 'distance', unit: 'mi' })).toBe(
      Math.round(18_000 / METRES_PER_MILE),
    );
    expect(runIn(days, { basis: 'time', unit: 'km' })).toBe(65);
  });
});
