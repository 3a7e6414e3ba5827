import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import type { BlockEvent } from '../../spec/days/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';
import { handedOut } from '../../testing/handed-out.js';

// Eighteen weeks to Sunday 18 April: 16 and 17 taper from Monday 29 March, 18 is race week.
const found = (code: string, part: Partial<BlockSpec>) =>
  layOut({ ...marathon, ...part }).findings.filter(({ check }) => check === code);
const weeksOf = (code: string, part: Partial<BlockSpec>) =>
  found(code, part).flatMap(({ weeks }) => weeks);

describe('a taper of the wrong length', () => {
  it('is about the weeks that taper, and no others', () => {
    const rule = { overrides: { values: { 'races.marathon.taperDays.least': 22 } } };
    expect(weeksOf('taper-too-short', rule)).toEqual([16, 17, 18]);
  });

  it('in weeks that begin mid-taper: 13 days reach back into week 17', () => {
    const rule = { overrides: { values: { 'races.marathon.taperDays.most': 7 } } };
    expect(weeksOf('taper-too-long', { ...rule, taper: { school: 'evidence' } })).toEqual([17, 18]);
  });
});

describe('a taper with nothing quick', () => {
  const slow = { week: { ...marathon.week, qualityOn: [] } };
  const on = (event: BlockEvent) => ({ ...slow, events: [event] });

  it('is every week of it, but race week: strides stand on the eve', () => {
    expect(weeksOf('taper-not-quick', slow)).toEqual([16, 17]);
  });

  it('is none where a test or a race stands in it', () => {
    const test = { kind: 'test', name: 'Time trial', from: '2027-04-07', distance: 3000 } as const;
    const race = {
      kind: 'tune-up-race',
      name: 'Gullstone 10',
      from: '2027-04-04',
      distance: 10_000,
    } as const;
    expect(weeksOf('taper-not-quick', on(test))).toEqual([16]);
    expect(weeksOf('taper-not-quick', on(race))).toEqual([17]);
  });

  it('is not asked of a week that days away cut, nor of the injured', () => {
    const away = {
      kind: 'holiday',
      name: 'Holiday',
      from: '2027-03-29',
      to: '2027-03-31',
    } as const;
    expect(weeksOf('taper-not-quick', on(away))).toEqual([17]);
    expect(
      weeksOf('taper-not-quick', { ...slow, athlete: { ...marathon.athlete, injured: true } }),
    ).toEqual([]);
  });
});

describe('run days dropped in the taper', () => {
  it('hand-worked: 9 km in week 17 are four runs of six', () => {
    expect(found('taper-run-days-dropped', { pins: [{ week: 17, volume: 9000 }] })).toMatchObject([
      { weeks: [17], value: 4 / 6, limit: 0.8 },
    ]);
  });

  it('are none that the coach took away weeks before it', () => {
    const { restOn: _, ...week } = marathon.week ?? {};
    const four = { ...marathon, week: { ...week, runDays: 4, qualityOn: ['tuesday' as const] } };
    const asOf = '2027-02-10';
    const now = layOut(four, { asOf, history: handedOut(layOut(marathon)) });
    // Six run days in weeks 1 to 8, four from 10 on.
    expect([now.weeks[6]?.runDays, now.weeks[9]?.runDays, now.weeks[16]?.runDays]).toEqual([
      6, 4, 4,
    ]);
    expect(now.findings.map(({ check }) => check)).not.toContain('taper-run-days-dropped');
  });

  it('are held against the room there is before an early race', () => {
    const race = { ...marathon.race, date: '2027-04-14' };
    expect(found('taper-run-days-dropped', { race })).toEqual([]);
    // A Wednesday race after its day of rest, and nothing else in its week: one of two.
    const alone = found('taper-run-days-dropped', { race, pins: [{ week: 18, volume: 0 }] });
    expect(alone).toMatchObject([{ weeks: [18], limit: 0.8 }]);
    expect(alone[0]?.value).toBe(0.5);
  });
});

describe('the depth of race week', () => {
  const heavy = (date: string) =>
    found('taper-too-shallow', {
      race: { ...marathon.race, date },
      pins: [{ week: 18, volume: 60_000 }],
    });

  it('is judged over the six days before the race, wherever its week begins', () => {
    expect(heavy('2027-04-14')).toMatchObject([{ weeks: [18] }]);
    expect(heavy('2027-04-15')).toMatchObject([{ weeks: [18] }]);
  });
});
