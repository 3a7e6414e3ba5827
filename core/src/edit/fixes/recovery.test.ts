import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { proposed } from '../../testing/proposed.js';

const labels = (fixes: Readonly<Record<string, unknown>>) => Object.keys(fixes);
const test = (name: string, from: string) =>
  ({ kind: 'test', name, from, distance: 5000 }) as const;

describe('proposed on recovery weeks', () => {
  it('resumes where it was, takes less off, or holds the week down to the rule', () => {
    // Of the 50 km of the week before, three tenths more are 65.
    const pins = [
      { week: 4, volume: 50_000 },
      { week: 5, volume: 72_000 },
    ];
    const fixes = proposed(
      'jump-after-recovery',
      { weeks: [5], value: 0.44, limit: 0.3 },
      { pins },
    );
    expect(fixes['Resume where it was']?.volume?.recovery).toMatchObject({
      reEntry: 'resume',
      depth: 0.25,
    });
    expect(fixes['Cut recovery weeks by less']?.volume?.recovery).toMatchObject({
      reEntry: 'one-step-above',
      depth: 0.2,
    });
    expect(fixes['Fix week 5 at 65 km']?.pins).toEqual([pins[0], { week: 5, volume: 65_000 }]);
    expect(fixes['Free week 5']?.pins).toEqual([pins[0]]);
    expect(fixes['Free week 4']?.pins).toEqual([pins[1]]);
  });

  it('recovers where the weeks without it are over, among those that are due', () => {
    const fixes = proposed('no-recovery-week', { weeks: [6], value: 7, limit: 5 });
    // Every fourth week by the house rule: three after the sixth.
    const due = layOut(marathon).weeks.filter(({ recoveryDue }) => recoveryDue);
    const placed = [...due.map(({ number }) => number), 9].sort((a, b) => a - b);
    expect(fixes['Recover in week 9']?.volume?.recovery?.weeks).toEqual(placed);
    const rhythm = (label: string) => fixes[label]?.volume?.recovery;
    expect(rhythm('Recover every 4th week')).toMatchObject({ every: 4, weeks: undefined });
    expect(rhythm('Recover every 3rd week')).toMatchObject({ every: 3, weeks: undefined });
    const near = proposed('no-recovery-week', { weeks: [6], value: 7, limit: 2 });
    expect(labels(near)[0]).toBe('Recover in week 8');
  });

  it('takes out a test on the first or the last day of the week, and none a day beside it', () => {
    // Week 4 recovers, from Monday 4 to Sunday 10 January.
    const on = (from: string) =>
      labels(proposed('recovery-has-hard-day', { weeks: [4] }, { events: [test('Mile', from)] }));
    expect(on('2027-01-03')).toEqual([]);
    expect(on('2027-01-04')).toEqual(['Remove Mile']);
    expect(on('2027-01-10')).toEqual(['Remove Mile']);
    expect(on('2027-01-11')).toEqual([]);
    const away = { kind: 'away', name: 'Away', from: '2027-01-06' } as const;
    expect(labels(proposed('recovery-has-hard-day', { weeks: [4] }, { events: [away] }))).toEqual(
      [],
    );
  });

  it('cuts by as much as is asked, of the week as it would be uncut', () => {
    // 54 km are a tenth off 60; a quarter off are 45.
    const pins = [{ week: 4, volume: 54_000 }];
    const fixes = proposed(
      'recovery-too-shallow',
      { weeks: [4], value: 0.1, limit: 0.25 },
      { pins },
    );
    expect(fixes).toMatchObject({
      'Free week 4': { pins: [] },
      'Cut by 25%': { volume: { recovery: { depth: 0.25, every: 4 } } },
      'Fix week 4 at 45 km': { pins: [{ week: 4, volume: 45_000 }] },
    });
  });

  it('asks only for the recovery weeks that are laid out', () => {
    const recovery = { every: 4, depth: 0.25, reEntry: 'resume', weeks: [4, 8, 17] } as const;
    const volume = { ...marathon.volume, recovery: { ...recovery, weeks: [4, 8, 17] } };
    const fixes = proposed('recovery-week-left-out', { weeks: [17] }, { volume });
    const { 'Ask only for those laid out': change } = fixes;
    expect(change?.volume?.recovery?.weeks).toEqual([4, 8]);
  });

  it('builds where days away have made the week beside light', () => {
    const holiday = {
      kind: 'holiday',
      name: 'Holiday',
      from: '2027-02-22',
      to: '2027-02-28',
    } as const;
    const fixes = proposed('light-weeks-together', { weeks: [12] }, { events: [holiday] });
    expect(fixes['Build in week 12']?.volume?.recovery?.weeks).toEqual([4, 8]);
  });
});
