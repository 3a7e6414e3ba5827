import { describe, expect, it } from 'vitest';
import { defaultHouseRules } from '../../rules/index.js';
import { defaultPaces } from '../../paces/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import { resolveSpec } from '../../layout/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';
import { laySession, sessionTotals } from '../breakdown/lay-session.js';
import { alsoCalled, linkPaces, namePaces, paceNamed, shortPaceName } from './link-paces.js';
import { mentionsIn } from './mentions.js';
import { readSession } from './parse-session.js';
import type { Session } from './session.js';
import { RACE_PACE, sessionPacesOf } from './session-paces.js';
import { showSession } from '../breakdown/show-session.js';

const read = (text: string): Session => {
  const found = readSession(text);
  if (!found.ok) throw new Error(found.problem.message);
  return found.session;
};
const spec = resolveSpec(marathon);
const paces = sessionPacesOf(spec, defaultHouseRules, spec.start);

describe('names of paces in a session', () => {
  const renamed = defaultPaces.map((pace) =>
    pace.id === 'one-hour' ? { ...pace, name: 'Comfort hard' } : pace,
  );

  it.each([
    ['20 min @ threshold', '20 min threshold'],
    ['20 min @ One-hour', '20 min one-hour'],
    ['6 x 1 km @ 10k - 2 s/km, 90 s jog', '6 x 1 km @ 10-km - 2 s/km, 90 s jog'],
    ['2 x (1 km @ Half marathon; 1 km steady)', '2 x (1 km half-marathon; 1 km steady)'],
    ['10 km @ Easy to Marathon in 4 steps', '10 km @ easy to marathon in 4 steps'],
    ['12 km easy, km 3 and 4 Marathon', '12 km easy, km 3 and 4 marathon'],
    ['8 km @ warp', '8 km warp'],
    ['not; a session (', 'not; a session ('],
  ])('%s is kept as %s', (written, kept) => {
    expect(linkPaces(written, defaultPaces)).toBe(kept);
  });

  it('follow a pace that is renamed, and come back to it', () => {
    const kept = linkPaces('3 x 10 min @ one-hour, 2 min jog', defaultPaces);
    const shown = namePaces(kept, renamed);
    expect(shown).toBe('3 x 10 min @ comfort hard, 2 min jog');
    expect(linkPaces(shown, renamed)).toBe(kept);
  });

  it('are short: what stands in brackets is left out', () => {
    expect(shortPaceName({ id: 'quick', name: '__proto__' })).toBe('quick');
    expect(shortPaceName({ id: 'slow-to', name: 'Slow to quick' })).toBe('slow-to');
    expect(shortPaceName({ id: '-quick-', name: '(quick)' })).toBe('quick-');
    expect(shortPaceName({ id: 'hour', name: 'One-hour (threshold)' })).toBe('one-hour');
    expect(paceNamed('10k', defaultPaces)?.id).toBe('10-km');
    expect(paceNamed('half', defaultPaces)?.id).toBe('half-marathon');
    expect(paceNamed('nobody', defaultPaces)).toBeUndefined();
  });

  it('are all found, in sets, ladders, surges and progressions too', () => {
    const text =
      '2 km easy; drills; 2 x (400 m @ mile; 400 m @ 5 km); 1-2-1 km @ steady; 10 km @ easy to marathon in 2 steps; 8 km easy, km 3 brisk';
    expect(mentionsIn(read(text))).toEqual([
      'easy',
      'mile',
      '5 km',
      'steady',
      'easy',
      'marathon',
      'easy',
      'brisk',
    ]);
  });
});

describe('race pace', () => {
  it('is the goal’s: 11 700 s over 42.195 km are 277.3 s/km, hard however slow', () => {
    expect(paces.find('race pace')).toMatchObject({ id: RACE_PACE });
    expect(paces.find('race pace')?.pace).toBeCloseTo(11_700 / 42.195, 9);
    expect(paces.hardFrom).toBeLessThan(277);
    expect(laySession(read('8 km easy; 4 km @ race pace'), paces).hardDistance).toBe(4000);
  });

  it('is what can be run today without a goal, and a guess without both', () => {
    const race = { ...marathon.race, goalTime: undefined };
    const without = resolveSpec({ ...marathon, race });
    const today = sessionPacesOf(without, defaultHouseRules, without.start);
    expect(today.find('race pace')?.pace).toBeCloseTo(today.find('marathon')?.pace ?? 0, 6);
    const nothing = resolveSpec({ race });
    const unknown = sessionPacesOf(nothing, defaultHouseRules, nothing.start);
    // Nothing known guesses easy at 360 s/km, and the marathon 70 quicker.
    expect(unknown.find('race pace')?.pace).toBeCloseTo(290, 9);
    expect([today.guessed, unknown.guessed]).toEqual([false, true]);
  });
});

describe('a guess where nothing is known', () => {
  const { race } = marathon;
  const guessedBy = (athlete: BlockSpec['athlete']) => {
    const nothing = resolveSpec({ athlete, race: { ...race, goalTime: undefined } });
    return sessionPacesOf(nothing, defaultHouseRules, nothing.start);
  };

  it('counts what is quick as hard: 8 minutes at 266 s/km for 40 km a week', () => {
    const forty = guessedBy({ recentWeeks: [40_000, 40_000] });
    expect(forty.find('easy')?.pace).toBe(360);
    expect(forty.find('recovery')?.pace).toBe(400);
    // 290 s/km over 42.195 km are 12 236.6 s; times (10 / 42.195)^1.06 they are 2660 s.
    expect(forty.find('10 km')?.pace).toBeCloseTo(266, 1);
    const laid = laySession(read('2 km easy; 8 x 1 min @ 10 km, 1 min jog; 2 km easy'), forty);
    expect(laid.hardTime).toBe(480);
    expect(laid.hardDistance).toBeCloseTo(480_000 / 266, 0);
  });

  it('is quicker for who runs more, as easy running is', () => {
    const [few, many] = [20_000, 120_000].map((week) => guessedBy({ recentWeeks: [week, week] }));
    expect(few?.find('10 km')?.pace).toBeGreaterThan(many?.find('10 km')?.pace ?? Infinity);
  });
});

describe('what a session comes to', () => {
  it.each([
    '3 km easy; 6 x 1000 m @ 10 km, 90 s jog; 2 km easy',
    '2 x (4 x 400 m @ 5 km, 60 s jog), 3 min jog',
    '3 x 400 m @ mile uphill, walk back',
    '400-800-400 m @ 5 km, equal jog',
    '10 km @ easy to marathon in 4 steps',
  ])('is the same summed up as laid out: %s', (text) => {
    const laid = laySession(read(text), paces);
    const totals = sessionTotals(read(text).parts, paces);
    expect(totals.distance).toBeCloseTo(laid.distance, 6);
    expect(totals.time).toBeCloseTo(laid.time, 6);
    expect(totals.hardDistance).toBeCloseTo(laid.hardDistance, 6);
    expect(totals.hardTime).toBeCloseTo(laid.hardTime, 6);
  });

  it('adds up as it is shown, in whole seconds and metres', () => {
    const shown = showSession(laySession(read('7 x 333 m @ 10 km, 77 s jog'), paces));
    const times = shown.stretches.map(({ time }) => time);
    expect(times.every(Number.isInteger)).toBe(true);
    expect(shown.time).toBe(times.reduce((total, time) => total + time, 0));
    expect(shown.hardDistance).toBe(7 * 333);
  });

  it('take the words for paces that the coach gave, before the usual ones', () => {
    expect(paceNamed('tempo', defaultPaces)?.id).toBe('one-hour');
    expect(paceNamed('marathon pace', defaultPaces)?.id).toBe('marathon');
    const own = defaultPaces.map((pace) =>
      pace.id === 'half-hour' ? { ...pace, also: ['tempo', 'brisk'] } : pace,
    );
    expect(paceNamed('tempo', own)?.id).toBe('half-hour');
    expect(paceNamed('CV', own)).toBeUndefined();
    // The word stays as it was written; the name of a pace is kept by its id.
    expect(linkPaces('20 min tempo; 2 km @ 10 km', own)).toBe('20 min tempo; 2 km @ 10-km');
  });

  it('have no usual words for an id that is no pace of the standard table', () => {
    const table: NamedPace[] = [
      { id: 'constructor', name: 'Builder', base: { race: 5000 }, offset: [0, 0] },
    ];
    expect(alsoCalled(table[0]!)).toEqual([]);
    expect(paceNamed('tempo', table)).toBeUndefined();
  });
});
