import { describe, expect, it } from 'vitest';
import type { Day, Week } from '../../layout/block/index.js';
import type { EventKind } from '../../spec/days/index.js';
import { laid, observed, weeksFound, withDays, withSpec, withWeeks } from '../../testing/edited.js';
import { jumpAfterRecovery } from './jump-after-recovery.js';
import { lightWeeksTogether } from './light-weeks-together.js';
import { noRecoveryWeek } from './no-recovery-week.js';
import { recoveryHasHardDay } from './recovery-has-hard-day.js';
import { recoveryTooShallow } from './recovery-too-shallow.js';
import { recoveryWeekLeftOut } from './recovery-week-left-out.js';

// Weeks 4, 8 and 12 rest, at 46, 53 and 62 km; 7 and 9 are 71 and 75.

describe('the week after one of rest', () => {
  it('rises by as much as the house rule allows', () => {
    const [none] = observed(jumpAfterRecovery, withWeeks(laid, { 9: { volume: 106_000 } }));
    const limit = none?.limit ?? NaN;
    expect(none).toMatchObject({ weeks: [9], value: 1 });
    const most = 53_000 * (1 + limit);
    expect(observed(jumpAfterRecovery, withWeeks(laid, { 9: { volume: most } }))).toEqual([]);
    expect(weeksFound(jumpAfterRecovery, withWeeks(laid, { 9: { volume: most + 1 } }))).toEqual([
      9,
    ]);
  });

  it('may rise as it will after days away, after nothing, and after a week that was none of rest', () => {
    const high = { 9: { volume: 106_000 } };
    const after = (part: object) =>
      weeksFound(jumpAfterRecovery, withWeeks(laid, { ...high, 8: part }));
    expect(after({ volumeRule: 'event' })).toEqual([]);
    expect(after({ volume: 0 })).toEqual([]);
    expect(after({ recovery: false })).toEqual([]);
  });
});

describe('building weeks in a row', () => {
  const building = (...weeks: number[]) =>
    withWeeks(laid, Object.fromEntries(weeks.map((week) => [week, { kind: 'building' as const }])));

  it('are told run by run where they are too many', () => {
    // Without the rest of week 4, weeks 1 to 7 build.
    expect(observed(noRecoveryWeek, building(4))).toMatchObject([
      { weeks: [1, 2, 3, 4, 5, 6, 7], value: 7 },
    ]);
    expect(observed(noRecoveryWeek, building(4, 12)).map(({ value }) => value)).toEqual([7, 7]);
    expect(observed(noRecoveryWeek, laid)).toEqual([]);
  });
});

describe('hard running in a week of rest', () => {
  const hard: Partial<Day> = { role: 'quality', quick: true, hardTime: 1200 };
  const test: Partial<Day> = { ...hard, role: 'test' };
  const race: Partial<Day> = { ...hard, role: 'tune-up' };

  it('is none but a test on one of the last four days, or a race on one of the last two', () => {
    // Week 8 runs from Monday 1 February to Sunday.
    expect(observed(recoveryHasHardDay, laid)).toEqual([]);
    expect(observed(recoveryHasHardDay, withDays(laid, { '2027-02-02': hard }))).toEqual([
      { weeks: [8], value: 1, limit: 0 },
    ]);
    expect(observed(recoveryHasHardDay, withDays(laid, { '2027-02-04': test }))).toEqual([]);
    expect(weeksFound(recoveryHasHardDay, withDays(laid, { '2027-02-03': test }))).toEqual([8]);
    expect(weeksFound(recoveryHasHardDay, withDays(laid, { '2027-02-05': hard }))).toEqual([8]);
    expect(observed(recoveryHasHardDay, withDays(laid, { '2027-02-06': race }))).toEqual([]);
    expect(weeksFound(recoveryHasHardDay, withDays(laid, { '2027-02-05': race }))).toEqual([8]);
  });

  it('may stand in the second half of one that is only fixed low', () => {
    const low = withWeeks(laid, { 8: { volumeRule: 'pin', recoveryDue: false } });
    expect(weeksFound(recoveryHasHardDay, withDays(low, { '2027-02-03': hard }))).toEqual([8]);
    expect(weeksFound(recoveryHasHardDay, withDays(low, { '2027-02-04': hard }))).toEqual([]);
    // Where a week of rest is due, fixing how much is run in it makes it no other.
    const due = withWeeks(laid, { 8: { volumeRule: 'pin' } });
    expect(weeksFound(recoveryHasHardDay, withDays(due, { '2027-02-04': hard }))).toEqual([8]);
  });

  it('is no matter in a week that days away make light, or one that builds', () => {
    const run = withDays(laid, { '2027-02-02': hard });
    expect(weeksFound(recoveryHasHardDay, withWeeks(run, { 8: { volumeRule: 'event' } }))).toEqual(
      [],
    );
    expect(weeksFound(recoveryHasHardDay, withWeeks(run, { 8: { recovery: false } }))).toEqual([]);
  });
});

describe('the depth of a week of rest', () => {
  const resting = (volume: number) => withWeeks(laid, { 8: { volume } });

  it('is held against the last building week: of 71 km, a point aside', () => {
    const [finding] = observed(recoveryTooShallow, resting(71_000));
    expect(finding).toMatchObject({ weeks: [8], value: 0 });
    const limit = finding?.limit ?? NaN;
    expect(weeksFound(recoveryTooShallow, resting(71_000 * (1 - limit + 0.009)))).toEqual([]);
    expect(weeksFound(recoveryTooShallow, resting(71_000 * (1 - limit + 0.011)))).toEqual([8]);
  });

  it('begins at the start where nothing was built yet, and is asked only of weeks due', () => {
    const first = withWeeks(laid, { 1: { recoveryDue: true, volume: 55_000 } });
    expect(observed(recoveryTooShallow, first)).toMatchObject([{ weeks: [1], value: 0 }]);
    const notDue = withWeeks(laid, { 8: { volume: 71_000, recoveryDue: false } });
    expect(weeksFound(recoveryTooShallow, notDue)).toEqual([]);
  });

  it('is not held against a week without running', () => {
    const none = withWeeks(laid, { 7: { volume: 0 }, 8: { volume: 50_000 } });
    expect(weeksFound(recoveryTooShallow, none)).toEqual([]);
  });
});

describe('a week of rest that was wished for', () => {
  const wished = (weeks: number[]) =>
    withSpec(laid, {
      volume: { ...laid.spec.volume, recovery: { ...laid.spec.volume.recovery, weeks } },
    });

  it('and not laid out is said, beyond the block too', () => {
    expect(observed(recoveryWeekLeftOut, wished([4, 8, 12]))).toEqual([]);
    expect(observed(recoveryWeekLeftOut, wished([4, 9, 12, 40]))).toEqual([
      { weeks: [9], value: 2, limit: 4 },
    ]);
    expect(observed(recoveryWeekLeftOut, laid)).toEqual([]);
  });
});

describe('a week of rest beside a light one', () => {
  const lightBy = (kind: EventKind): Partial<Week> => ({
    recovery: true,
    volumeRule: 'event',
    running: 0.75,
    events: [{ kind, name: 'On the way', from: '2027-02-22' }],
  });
  const light = lightBy('holiday');
  const found = (weeks: Parameters<typeof withWeeks>[1]) =>
    observed(lightWeeksTogether, withWeeks(laid, weeks));

  it('is one too many, before it and after it', () => {
    expect(found({ 11: light })).toEqual([{ weeks: [12], value: 2, limit: 1 }]);
    expect(found({ 13: light })).toEqual([{ weeks: [12], value: 2, limit: 1 }]);
    expect(found({ 10: light, 11: light })).toEqual([{ weeks: [12], value: 3, limit: 2 }]);
    expect(found({ 7: light, 9: light, 11: light }).map(({ weeks }) => weeks)).toEqual([[8], [12]]);
  });

  it('is none where days away stand apart from it, or take its place', () => {
    expect(found({ 10: light })).toEqual([]);
    expect(found({ 12: light })).toEqual([]);
    expect(found({ 11: { ...light, running: 0.76 } })).toEqual([]);
  });

  it('is welcome after an illness, and a race or a week fixed low is the coach’s own', () => {
    expect(found({ 11: lightBy('illness') })).toEqual([]);
    expect(found({ 11: lightBy('tune-up-race') })).toEqual([]);
    expect(found({ 11: { ...light, volumeRule: 'pin' } })).toEqual([]);
  });
});
