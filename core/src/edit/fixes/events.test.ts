import { describe, expect, it } from 'vitest';
import { marathon } from '../../testing/examples.js';
import { proposed } from '../../testing/proposed.js';

const labels = (fixes: Readonly<Record<string, unknown>>) => Object.keys(fixes);
const test = (name: string, from: string) =>
  ({ kind: 'test', name, from, distance: 5000 }) as const;
const raced = (name: string, from: string) =>
  ({ kind: 'tune-up-race', name, from, distance: 10_000 }) as const;

describe('proposed on races and tests', () => {
  it('rests, resets, and takes out what is raced within the quiet days', () => {
    // Ten quiet days before Sunday 18 April: from Friday 9 April.
    const events = [
      raced('Tenth day', '2027-04-08'),
      raced('Ninth day', '2027-04-09'),
      test('Mile', '2027-04-14'),
      { kind: 'away', name: 'Away', from: '2027-04-15' } as const,
    ];
    const fixes = proposed(
      'hard-effort-near-race',
      { weeks: [18], dates: ['2027-04-14'] },
      {
        events,
        pins: [{ week: 18, longRun: 20_000 }],
        days: [{ date: '2027-04-14', amount: 9000, strength: true }],
        houseRules: { values: { 'taper.quietDays': 10 } },
      },
    );
    expect(labels(fixes)).toEqual([
      'Rest on Wed 14 Apr',
      'Reset Wed 14 Apr',
      'Free week 18’s long run',
      'Remove Ninth day, Mile',
    ]);
    expect(fixes['Rest on Wed 14 Apr']?.days).toEqual([
      { date: '2027-04-14', role: 'rest', strength: true },
    ]);
    expect(fixes['Reset Wed 14 Apr']?.days).toEqual([{ date: '2027-04-14', strength: true }]);
    expect(fixes['Remove Ninth day, Mile']?.events).toEqual([events[0], events[3]]);
  });

  it('takes out either of two races that stand too close, and no test of that day', () => {
    const events = [
      raced('One', '2027-02-06'),
      test('Mile', '2027-02-06'),
      raced('Two', '2027-02-10'),
      raced('Three', '2027-03-06'),
    ];
    const fixes = proposed('races-too-close', { dates: ['2027-02-06', '2027-02-10'] }, { events });
    expect(labels(fixes)).toEqual(['Remove One', 'Remove Two']);
    expect(fixes['Remove One']?.events).toEqual(events.slice(1));
  });

  it.each([
    [42_195, 5000],
    [10_000, 5000],
    [9999, 3000],
    [3000, 3000],
    [2999, 1500],
  ])('tests a race of %i m over %i m', (distance, tested) => {
    const race = { ...marathon.race, distance, goalTime: undefined };
    const fixes = proposed('test-missing', {}, { race });
    const tests = Object.values(fixes).flatMap(({ events = [] }) => events.slice(-1));
    expect(tests.map((each) => each.kind === 'test' && each.distance)).toEqual([tested, tested]);
  });
});
