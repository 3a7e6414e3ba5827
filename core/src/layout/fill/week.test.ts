import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { resolveSpec } from '../resolve/resolve.js';
import { placeDays } from '../wished/place-days.js';

const pattern = (week: object, unavailable: string[] = []) =>
  placeDays(
    resolveSpec({
      ...marathon,
      athlete: { ...marathon.athlete, unavailable: unavailable as [] },
      week: { ...marathon.week, ...week },
    }),
  );

describe('fitting the coach’s week', () => {
  it('rests after hard days rather than before them', () => {
    // Hard on Tuesday, Friday and Sunday: one of the two days of rest has to stand before one of
    // them; Monday follows the long run as well, Wednesday follows Tuesday.
    expect(pattern({ runDays: 5, restOn: [] }).runOn).toEqual([
      'tuesday',
      'thursday',
      'friday',
      'saturday',
      'sunday',
    ]);
    expect(pattern({ runDays: 6, restOn: ['thursday'] }).runOn).not.toContain('thursday');
  });

  it('rests anew where a week bears fewer hard days, on the same days where they serve', () => {
    const spec = resolveSpec({ ...marathon, week: { ...marathon.week, runDays: 5, restOn: [] } });
    const one = placeDays(spec, 1);
    // Friday's stays: then Monday and Wednesday rest before nothing hard.
    expect(one.qualityOn).toEqual(['friday']);
    expect(one.runOn).toEqual(placeDays(spec).runOn);
  });

  it('spreads three runs over the week', () => {
    expect(pattern({ runDays: 3, qualityOn: ['tuesday'], restOn: [] }).runOn).toEqual([
      'tuesday',
      'thursday',
      'sunday',
    ]);
  });

  it('moves a quality day off a day away when an easy day stays between', () => {
    const { qualityOn } = pattern({ qualityOn: ['tuesday', 'friday'], restOn: [] }, ['tuesday']);
    expect(qualityOn).toEqual(['wednesday', 'friday']);
  });

  it('leaves it out when none would', () => {
    const { qualityOn } = pattern({ qualityOn: ['tuesday', 'friday'] }, ['friday']);
    expect(qualityOn).toEqual(['tuesday']);
  });

  it('moves the long run off a day away', () => {
    expect(pattern({}, ['sunday']).longRunOn).toBe('saturday');
  });
});

describe('a laid-out week', () => {
  const { weeks } = layOut(marathon);

  // 17 minutes on at 243 s/km and 16 off at 372 s/km are 6.8 km; with 2 km either side, 11 whole
  // ones. 25 are left for 0.55 the day after the long run, 1.1 in mid-week, 1 and 0.7 the day
  // before it: 4.1, 8.2, 7.5 and 5.2.
  it('hand-worked week 1: 55 km with 19 long and a session of 11 leave 25 for four runs', () => {
    expect(weeks[0]?.days.map(({ role, distance }) => `${role} ${distance / 1000}`)).toEqual([
      'easy 4',
      'quality 11',
      'easy 8',
      'rest 0',
      'easy 8',
      'short-easy 5',
      'long 19',
    ]);
  });

  it('gives the estimate of the other quantity at easy pace: 4 km at 335 s/km', () => {
    expect(weeks[0]?.days[0]?.time).toBe(1340);
  });

  it('ends a recovery week with a few relaxed pick-ups', () => {
    expect(weeks[3]?.days[5]?.sessions[0]?.shorthand).toBe(
      '3.5 km recovery; 5 x 20 s strides, 60 s walk',
    );
  });

  it('is run at recovery pace where it rests', () => {
    // 40:30 over 10 km is a marathon at 265 s/km; 107.5 slower, to whole five seconds, is 375; easy is 335.
    const [easy, rested] = [weeks[2]?.days[0], weeks[3]?.days[0]];
    expect(easy?.time).toBe(((easy?.distance ?? 0) / 1000) * 335);
    expect(rested?.time).toBe(((rested?.distance ?? 0) / 1000) * 375);
    expect(rested?.sessions[0]?.shorthand).toMatch(/^\d+ km recovery$/);
    // Neither is a test in it, nor a week that days away cut.
    const events = [
      { kind: 'away', name: 'Ostrel', from: '2027-02-15', to: '2027-02-18' } as const,
    ];
    const cut = layOut({ ...marathon, events }).weeks[9];
    expect(cut?.recovery).toBe(true);
    expect(cut?.days[6]?.sessions[0]?.shorthand).toMatch(/ easy$/);
  });

  it('shortens every run in a recovery week', () => {
    const [before, rested] = [weeks[2]?.days ?? [], weeks[3]?.days ?? []];
    rested.forEach(({ distance }, day) => {
      const whole = before[day]?.distance ?? 0;
      if (whole > 0) expect(distance).toBeLessThan(whole);
    });
  });

  it('has nothing hard in a recovery week, and the same run days', () => {
    expect(weeks[3]).toMatchObject({ recovery: true, hardDays: 0, runDays: 6 });
  });

  it('has nothing hard within two days of the race', () => {
    const raceWeek = weeks.at(-1)?.days.map(({ role }) => role);
    expect(raceWeek).toEqual(['easy', 'quality', 'easy', 'easy', 'rest', 'short-easy', 'race']);
  });
});

describe('a long run that the coach fixed for a day', () => {
  const longDays = (longRunOn: 'saturday' | 'sunday', date: string) =>
    layOut({
      ...marathon,
      week: { ...marathon.week, longRunOn },
      days: [{ date, role: 'long' }],
    })
      .weeks[9]?.days.filter(({ role }) => role === 'long')
      .map((day) => [day.date, day.distance]);

  it('is run there, before the usual day or after it, at the length of its week', () => {
    expect(longDays('sunday', '2027-02-18')).toEqual([['2027-02-18', 27_000]]);
    expect(longDays('saturday', '2027-02-21')).toEqual([['2027-02-21', 27_000]]);
  });
});

describe('a semi-long run', () => {
  const semiLong = (change: object = {}) =>
    layOut({ ...marathon, ...change })
      .weeks.filter(({ days }) => days.some(({ role }) => role === 'semi-long'))
      .map(({ number }) => number);

  it('stands in large building weeks, in none of rest and none of the taper', () => {
    expect(semiLong()).toEqual([7, 9, 10, 11, 13, 14, 15]);
  });

  it('stands in no week that days away make less of', () => {
    const away = {
      kind: 'holiday',
      name: 'A few days off',
      from: '2027-02-15',
      to: '2027-02-16',
      running: 0.9,
    };
    expect(semiLong({ events: [away] })).toEqual([7, 9, 11, 13, 14, 15]);
  });

  it('stands in no week of the coach’s own', () => {
    const days = ['easy', 'quality', 'easy', 'rest', 'quality', 'easy', 'long'];
    const own = days.map((role) => ({ role }));
    expect(semiLong({ week: { ...marathon.week, days: own } })).toEqual([]);
  });
});

describe('a long run with something in it', () => {
  const hardOf = (segment: 'race-pace-finish' | 'progression') =>
    layOut({ ...marathon, longRun: { ...marathon.longRun, segment } })
      .weeks.filter((week) => week.segment !== undefined)
      .map((week) => {
        const long = week.days.find(({ role }) => role === 'long');
        const { amount = NaN, offset = [NaN, NaN] } = week.segment ?? {};
        return { amount, offset, hard: long?.sessions[0]?.hardDistance };
      });

  it('counts a part at race pace as hard, and no more', () => {
    expect(hardOf('race-pace-finish').length).toBeGreaterThan(3);
    for (const { amount, hard } of hardOf('race-pace-finish')) expect(hard).toBeCloseTo(amount, 6);
  });

  it('hand-worked: of a way from 45 s slower to 10 s quicker 10 parts of 55 are', () => {
    const [first, ...later] = hardOf('progression');
    expect(first).toMatchObject({ amount: 8000, offset: [45, -10] });
    expect(first?.hard).toBeCloseTo(1454.5, 1);
    for (const { amount, offset, hard } of later) {
      const [slow, quick] = offset;
      expect(hard).toBeCloseTo((-quick / (slow - quick)) * amount, 6);
    }
  });
});
