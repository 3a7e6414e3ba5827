import { describe, expect, it } from 'vitest';
import { addDays } from './base/index.js';
import { layOut } from './lay-out.js';
import type { Day } from './layout/block/index.js';
import type { BlockEvent } from './spec/days/index.js';

const SUNDAY = '2027-04-04';
const SATURDAY = '2027-04-17';
const GOAL = '2027-05-09';

/** Every goal with a race that is run on the way to it, on what a coach would have run it from. */
const athletes = [30, 45, 60, 90].flatMap((weekly) =>
  [4, 5, 6, 7].flatMap((runDays) => (weekly > 60 && runDays < 6 ? [] : [{ weekly, runDays }])),
);
const races = [
  { goal: 42_195, raced: 21_097.5 },
  { goal: 42_195, raced: 15_000 },
  { goal: 21_097.5, raced: 10_000 },
  { goal: 10_000, raced: 5000 },
  { goal: 5000, raced: 1500 },
];

const blocks = athletes.flatMap((athlete) =>
  races.flatMap((race) => [SUNDAY, SATURDAY].map((on) => ({ ...athlete, ...race, on }))),
);

function laid(
  { weekly, runDays, goal, raced, on }: (typeof blocks)[number],
  others: readonly BlockEvent[] = [],
) {
  return layOut({
    athlete: {
      recentWeeks: Array.from({ length: 4 }, () => 1000 * weekly),
      results: [{ date: '2027-01-10', distance: 10_000, time: 2700 }],
    },
    race: { name: 'Lantern Bay', date: GOAL, distance: goal },
    weeks: 14,
    week: { runDays },
    events: [{ kind: 'tune-up-race', name: 'Gullstone', from: on, distance: raced }, ...others],
  });
}

describe.each(blocks)(
  '$weekly km in $runDays days for $goal m, $raced m on the way on $on',
  (of) => {
    const block = laid(of);
    const days = block.weeks.flatMap((week) => week.days);
    const at = days.findIndex(({ date }) => date === of.on);
    const week = block.weeks.find((each) => each.days.some(({ date }) => date === of.on));
    const isHard = (day: Day | undefined) => day?.role === 'quality' || (day?.hardTime ?? 0) > 0;

    it('asks for no caution', () => {
      expect(block.findings.filter(({ level }) => level !== 'note')).toEqual([]);
    });

    it('is raced, with nothing hard and no long run beside it', () => {
      expect(days[at]).toMatchObject({ date: of.on, role: 'tune-up' });
      for (const beside of [days[at - 1], days[at + 1]]) {
        expect(isHard(beside), beside?.date).toBe(false);
        expect(beside?.role).not.toBe('long');
      }
    });

    it('is slept on after a short day or none', () => {
      expect(['short-easy', 'rest']).toContain(days[at - 1]?.role);
    });

    it('stands alone where it is more than half of what the week bears', () => {
      const sessions = week?.days.filter(({ role }) => role === 'quality') ?? [];
      const fills = of.raced > (week?.distance ?? 0) / 6;
      expect(sessions.length).toBeLessThanOrEqual(fills ? 0 : 1);
    });
  },
);

describe.each(athletes)('an illness of five days, $weekly km in $runDays days', (athlete) => {
  const block = laid({ ...athlete, goal: 10_000, raced: 5000, on: SUNDAY }, [
    { kind: 'illness', name: 'Flu', from: '2027-03-09', to: '2027-03-13' },
  ]);
  const days = block.weeks.flatMap((week) => week.days);

  it('asks for no caution', () => {
    expect(block.findings.filter(({ level }) => level !== 'note')).toEqual([]);
  });

  it('is run back from with the shortest run, and no long run beside another for it', () => {
    const back = days.find(({ date }) => date === '2027-03-14');
    expect(back?.distance).toBe(3000);
    const long = days.filter(({ role }) => role === 'long').map(({ date }) => date);
    expect(long).not.toContain('2027-03-08');
  });
});

describe('the last days before the race', () => {
  const restsInARow = (days: readonly Day[]) => {
    const runs = days.map(({ role }) => (role === 'rest' ? '-' : 'x')).join('');
    return Math.max(...runs.split('x').map(({ length }) => length));
  };

  const SATURDAY_BEFORE = addDays(GOAL, -1);
  const WEDNESDAY_BEFORE = addDays(GOAL, -4);

  it.each([
    [3, [GOAL, SATURDAY_BEFORE]],
    [4, [GOAL, SATURDAY_BEFORE, WEDNESDAY_BEFORE]],
    [5, [GOAL, SATURDAY_BEFORE, WEDNESDAY_BEFORE]],
    [6, [GOAL, SATURDAY_BEFORE, WEDNESDAY_BEFORE]],
  ] as const)('hold no three days of rest in a row for %i run days', (runDays, dates) => {
    for (const goal of [5000, 21_097.5]) {
      for (const date of dates) {
        const { weeks } = layOut({
          athlete: { recentWeeks: [35_000, 35_000, 36_000, 36_000] },
          race: { name: 'Lantern Bay', date, distance: goal },
          weeks: 12,
          week: { runDays },
        });
        const days = weeks.flatMap((week) => week.days).filter((day) => day.date < date);
        expect(restsInARow(days.slice(-6)), `${goal} m on ${date}`).toBeLessThan(3);
      }
    }
  });

  it('keep the days of one who runs four: no run the day after the long one', () => {
    const { weeks } = layOut({
      athlete: { recentWeeks: [40_000, 40_000, 40_000, 40_000] },
      race: { name: 'Lantern Bay', date: GOAL, distance: 21_097.5 },
      weeks: 12,
      week: { runDays: 4 },
    });
    expect(weeks.at(-1)?.days.map(({ role }) => role)).toEqual([
      'rest',
      'quality',
      'rest',
      'easy',
      'rest',
      'short-easy',
      'race',
    ]);
  });
});
