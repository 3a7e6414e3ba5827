import { describe, expect, it } from 'vitest';
import type { NamedPace } from '../../spec/choices/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { defaultPaces } from '../../paces/index.js';
import { marathon } from '../../testing/examples.js';
import { validatePaces, validateToday, issuesOfPaces } from './validate-paces.js';
import { resolveSpec } from '../resolve/resolve.js';

const found = (athlete: BlockSpec['athlete']) =>
  validatePaces(resolveSpec({ ...marathon, athlete: { ...marathon.athlete, ...athlete } }));
const ran = (distance: number, time: number) =>
  found({ results: [{ date: '2026-11-08', distance, time }] });
const easy: NamedPace = { id: 'easy', name: 'Easy', base: { race: 42_195 }, offset: [50, 90] };

describe('results that cannot be', () => {
  it('are faster than 95 s/km, or slower than 20 minutes', () => {
    expect(ran(1000, 95)).toEqual([]);
    expect(ran(1000, 94)).toMatchObject([
      { code: 'result-out-of-range', path: ['athlete', 'results', 0, 'time'] },
    ]);
    expect(ran(1000, 1200)).toEqual([]);
    expect(ran(1000, 1201)[0]?.message).toContain('slower than walking');
  });

  it('say what they would be, in the athlete’s unit', () => {
    expect(ran(10_000, 240)[0]?.message).toBe(
      '10 km in 4:00 is 0:24 /km, faster than anyone runs. Check the time and the distance.',
    );
  });

  it('are dated after today', () => {
    const results = [
      { date: '2027-02-10', distance: 5000, time: 1200 },
      { date: '2027-02-11', distance: 5000, time: 1200 },
    ];
    expect(validateToday(results, '2027-02-10')).toMatchObject([
      { code: 'result-in-future', path: ['athlete', 'results', 1, 'date'] },
    ]);
    expect(validateToday([], '2027-02-10')).toEqual([]);
  });
});

describe('heart rates', () => {
  it('cross where rest is not below the highest', () => {
    expect(found({ maxHeart: 188, restHeart: 46 })).toEqual([]);
    expect(found({ maxHeart: 188 })).toEqual([]);
    expect(found({ maxHeart: 60, restHeart: 60 })).toMatchObject([{ code: 'heart-rates-cross' }]);
  });
});

describe('a table of paces', () => {
  it('is sound as the product gives it', () => {
    expect(issuesOfPaces(defaultPaces)).toEqual([]);
    expect(issuesOfPaces([])).toEqual([]);
  });

  it.each([
    ['a name twice, in other letters', [easy, { ...easy, id: 'x', name: ' EASY ' }], [1, 'name']],
    [
      'a word for two paces',
      [
        { ...easy, also: ['chatty'] },
        { ...easy, id: 'x', name: 'Slow', also: ['Chatty'] },
      ],
      [1, 'also'],
    ],
    [
      'a word that is the name of another',
      [
        { ...easy, also: ['slow'] },
        { ...easy, id: 'x', name: 'Slow' },
      ],
      [0, 'also'],
    ],
    ['an id twice', [easy, { ...easy, name: 'Chatty' }], [1, 'name']],
    ['ends that cross', [{ ...easy, offset: [90, 50] as [number, number] }], [0, 'offset']],
    [
      'a lower rate above the upper',
      [{ ...easy, heart: { of: 'beats' as const, from: 150, to: 140 } }],
      [0, 'heart', 'from'],
    ],
    [
      'more than the whole of the heart',
      [{ ...easy, heart: { of: 'maximum' as const, from: 0.9, to: 1.1 } }],
      [0, 'heart', 'to'],
    ],
  ])('is refused for %s', (_, table, path) => {
    expect(issuesOfPaces(table)).toMatchObject([{ path }]);
  });

  it('may have ends that meet, and beats beyond a share', () => {
    const heart = { of: 'beats' as const, from: 140, to: 140 };
    expect(issuesOfPaces([{ ...easy, offset: [60, 60], heart }])).toEqual([]);
  });
});
