import { describe, expect, it } from 'vitest';
import type { Block, Day, Segment, Week } from '../../layout/block/index.js';
import {
  laid,
  observed,
  weeksFound,
  withAthlete,
  withDays,
  withSpec,
  withWeeks,
} from '../../testing/edited.js';
import { hardRunningJump } from './hard-running-jump.js';
import { racePaceNever } from './race-pace-never.js';
import { raceRepTooLong } from './race-rep-too-long.js';
import { sessionDropped } from './session-dropped.js';
import { tooLittleHard } from './too-little-hard.js';
import { tooMuchHard } from './too-much-hard.js';
import { unknownPace } from './unknown-pace.js';

const TUESDAY = '2027-02-16';
const RACE_PACE_FINISH: Segment = {
  name: 'race-pace-finish',
  amount: 5000,
  before: 0,
  after: 0,
  offset: [0, 0],
};

/** The example’s Tuesday of week 10 with its run in other words. */
function onTuesday(shorthand: string, part: Partial<Day> = {}) {
  const day = laid.weeks[9]?.days.find(({ date }) => date === TUESDAY);
  const sessions = day?.sessions.map((session) => ({ ...session, shorthand, family: undefined }));
  return withDays(laid, { [TUESDAY]: { sessions: sessions ?? [], ...part } });
}

/** The block with a session written for all its Tuesdays. */
function withTuesdays(block: Block, session: string): Block {
  return withSpec(block, {
    week: { ...block.spec.week, fixed: [{ weekday: 'tuesday', role: 'quality', session }] },
  });
}

/** The days of a week of the example, a race on its last. */
function racedOnSunday(week: number): Day[] {
  const { days = [] } = laid.weeks[week - 1] ?? {};
  return days.map((day, index) => (index === 6 ? { ...day, role: 'tune-up' } : day));
}

describe('hard running of a speed phase', () => {
  // Weeks 6, 7, 9 and 10 are its building weeks: 10 % of 70 km are 7 km, four tenths of it 2.8;
  // whole repetitions may leave 15 % of that, which is 5.95 and 2.38 km.
  const SPEED = [6, 7, 9, 10];
  const holding = (part: Partial<Week>) =>
    withWeeks(laid, Object.fromEntries(SPEED.map((week) => [week, { distance: 70_000, ...part }])));

  it('is a tenth of it, with two hard days a week', () => {
    expect(observed(tooLittleHard, holding({ hardDistance: 5960 }))).toEqual([]);
    const [finding] = observed(tooLittleHard, holding({ hardDistance: 5940 }));
    expect(finding).toMatchObject({ weeks: SPEED, limit: 0.1 });
    expect(finding?.value).toBeCloseTo(0.0849, 4);
  });

  it('counts what is raced on the way, as the days after it hold nothing hard', () => {
    const cut = { running: 0.9, hardDistance: 16_000 };
    const away = withWeeks(holding({ hardDistance: 7000 }), { 9: cut, 10: { hardDistance: 0 } });
    const raced = withWeeks(away, { 9: { days: racedOnSunday(9) } });
    // (7 + 7 + 16 + 0) of 280 km.
    expect(observed(tooLittleHard, raced)).toEqual([]);
    // Days away are no race: (7 + 7 + 0) of 210 km.
    expect(observed(tooLittleHard, away)[0]?.value).toBeCloseTo(0.0667, 4);
  });

  it('is four tenths of that with one', () => {
    const one = { hardDays: 1 };
    expect(observed(tooLittleHard, holding({ ...one, hardDistance: 2390 }))).toEqual([]);
    expect(observed(tooLittleHard, holding({ ...one, hardDistance: 2370 }))[0]?.limit).toBeCloseTo(
      0.04,
      9,
    );
    // Five days in four weeks are more than one a week.
    const five = withWeeks(holding({ ...one, hardDistance: 4200 }), {
      6: { distance: 70_000, hardDistance: 4200, hardDays: 2 },
    });
    expect(observed(tooLittleHard, five)[0]?.limit).toBe(0.1);
  });

  it('is counted in full building weeks of the phase alone', () => {
    const away = withWeeks(holding({ hardDistance: 7000 }), {
      10: { hardDistance: 0, running: 0.5 },
    });
    expect(weeksFound(tooLittleHard, away)).toEqual([]);
    const none = withWeeks(
      laid,
      Object.fromEntries(SPEED.map((week) => [week, { kind: 'taper' }])),
    );
    expect(weeksFound(tooLittleHard, none)).toEqual([]);
  });

  it('is not asked of the injured and the often hurt', () => {
    const easy = holding({ hardDistance: 100 });
    expect(weeksFound(tooLittleHard, easy)).toEqual(SPEED);
    expect(weeksFound(tooLittleHard, withAthlete(easy, { injured: true }))).toEqual([]);
    expect(weeksFound(tooLittleHard, withAthlete(easy, { oftenHurt: true }))).toEqual([]);
    expect(weeksFound(tooLittleHard, holding({ hardDistance: 0 }))).toEqual(SPEED);
  });
});

describe('hard running of a week', () => {
  it('is no more than it bears, race week aside', () => {
    const [finding] = observed(tooMuchHard, withWeeks(laid, { 10: { hardDistance: 79_000 } }));
    expect(finding).toMatchObject({ weeks: [10], value: 1 });
    const most = (finding?.limit ?? 0) * 79_000;
    expect(observed(tooMuchHard, withWeeks(laid, { 10: { hardDistance: most } }))).toEqual([]);
    expect(weeksFound(tooMuchHard, withWeeks(laid, { 10: { hardDistance: most + 1 } }))).toEqual([
      10,
    ]);
    expect(observed(tooMuchHard, withWeeks(laid, { 18: { hardDistance: 26_000 } }))).toEqual([]);
    const nothing = withWeeks(laid, { 10: { hardDistance: 100, distance: 0 } });
    expect(observed(tooMuchHard, nothing)).toEqual([]);
  });

  it('is none of a race by itself, and its race counted in where more is hard', () => {
    // A half of 21.1 km in a week of 50 is 42 %; with 2 km of hard running beside it 46 %.
    const [run] = laid.weeks[9]?.days[1]?.sessions ?? [];
    const raced = { ...run!, hardDistance: 21_100 };
    const days = (laid.weeks[9]?.days ?? []).map((day) =>
      day.date === TUESDAY ? { ...day, role: 'tune-up' as const, sessions: [raced] } : day,
    );
    const week = { days, distance: 50_000 };
    const alone = withWeeks(laid, { 10: { ...week, hardDistance: 21_100 } });
    expect(observed(tooMuchHard, alone)).toEqual([]);
    const [found] = observed(
      tooMuchHard,
      withWeeks(laid, { 10: { ...week, hardDistance: 23_100 } }),
    );
    expect(found).toMatchObject({ weeks: [10], value: 0.462 });
  });
});

describe('a session that was dropped', () => {
  it('is a quality day without one, where one was meant for it', () => {
    expect(observed(sessionDropped, laid)).toEqual([]);
    expect(observed(sessionDropped, onTuesday('9 km easy'))).toEqual([
      { weeks: [10], dates: [TUESDAY], value: 1, limit: 0 },
    ]);
  });

  it.each([
    { role: 'easy' },
    { rule: 'own-session' },
    { swap: { kind: 'pool', reason: 'soreness' } },
  ] as const)('is none where the day is another: %o', (part) => {
    expect(observed(sessionDropped, onTuesday('9 km easy', part))).toEqual([]);
  });

  it('is none where no family is meant for the day', () => {
    const without = withSpec(onTuesday('9 km easy'), { sessions: [] });
    expect(observed(sessionDropped, without)).toEqual([]);
  });
});

describe('race pace before the taper', () => {
  const unpractised = withSpec(
    withWeeks(
      laid,
      Object.fromEntries(
        laid.weeks.map(({ number, days }) => [
          number,
          {
            segment: undefined,
            events: [],
            days: days.map((day) => ({
              ...day,
              sessions: day.sessions.map((session) => ({ ...session, family: undefined })),
            })),
          },
        ]),
      ),
    ),
    { days: [] },
  );
  const building = laid.weeks.slice(0, 15).map(({ number }) => number);

  it('is run at least once', () => {
    expect(observed(racePaceNever, laid)).toEqual([]);
    expect(observed(racePaceNever, unpractised)).toEqual([{ weeks: building, value: 0, limit: 1 }]);
  });

  it('is run in a written session, by its name or by that of the distance, before the taper', () => {
    const written = (session: string, date = TUESDAY) =>
      weeksFound(racePaceNever, withSpec(unpractised, { days: [{ date, session }] }));
    expect(written('3 x 3 km @ race pace, 1 km easy')).toEqual([]);
    expect(written('3 x 3 km @ marathon, 1 km easy')).toEqual([]);
    expect(written('3 x 3 km @ half-marathon, 1 km easy')).toEqual(building);
    expect(written('3 x 3 km @ race pace, 1 km easy', '2027-04-06')).toEqual(building);
  });

  it('is run in a session that is written for its weekday', () => {
    const everyTuesday = (session: string) =>
      weeksFound(racePaceNever, withTuesdays(unpractised, session));
    expect(everyTuesday('3 x 3 km @ race pace, 1 km easy')).toEqual([]);
    expect(everyTuesday('3 x 3 km @ half-marathon, 1 km easy')).toEqual(building);
  });

  it('is run in a race on the way, or in a long run that holds it', () => {
    const race = { kind: 'tune-up-race', name: 'Pier Ten', from: TUESDAY } as const;
    expect(weeksFound(racePaceNever, withWeeks(unpractised, { 10: { events: [race] } }))).toEqual(
      [],
    );
    const segment = laid.weeks.find((week) => week.segment)?.segment ?? RACE_PACE_FINISH;
    expect(weeksFound(racePaceNever, withWeeks(unpractised, { 10: { segment } }))).toEqual([]);
  });

  it('is not asked of the injured and the often hurt', () => {
    expect(weeksFound(racePaceNever, withAthlete(unpractised, { injured: true }))).toEqual([]);
    expect(weeksFound(racePaceNever, withAthlete(unpractised, { oftenHurt: true }))).toEqual([]);
  });
});

describe('a repetition at race pace', () => {
  const tenKm = (metres: number, date = TUESDAY) => {
    const block = withSpec(onTuesday(`2 x ${metres} m @ race pace, 2 min jog`), {
      race: { ...laid.spec.race, distance: 10_000 },
    });
    return date === TUESDAY ? block : withWeeks(block, { 10: { taperShare: 0.8 } });
  };

  it('is half of the race at most while it builds, a third in the taper', () => {
    expect(weeksFound(raceRepTooLong, tenKm(5000))).toEqual([]);
    expect(observed(raceRepTooLong, tenKm(5400))).toMatchObject([
      { weeks: [10], dates: [TUESDAY], limit: 0.5 },
    ]);
    expect(weeksFound(raceRepTooLong, tenKm(3300, 'taper'))).toEqual([]);
    expect(observed(raceRepTooLong, tenKm(3800, 'taper'))).toMatchObject([{ limit: 1 / 3 }]);
  });

  it('is no matter before a longer race, on an easy day, or at another pace', () => {
    const long = withSpec(tenKm(5400), { race: { ...laid.spec.race, distance: 15_000 } });
    expect(weeksFound(raceRepTooLong, long)).toEqual([]);
    const easy = withDays(tenKm(5400), { [TUESDAY]: { role: 'easy' } });
    expect(weeksFound(raceRepTooLong, easy)).toEqual([]);
    const slow = withSpec(onTuesday('2 x 5400 m @ marathon, 2 min jog'), {
      race: { ...laid.spec.race, distance: 10_000 },
    });
    expect(weeksFound(raceRepTooLong, slow)).toEqual([]);
  });
});

describe('a pace that the block has not', () => {
  const writing = (session: string) => withSpec(laid, { days: [{ date: TUESDAY, session }] });

  it('is said of the day whose session speaks of it', () => {
    expect(observed(unknownPace, laid)).toEqual([]);
    expect(observed(unknownPace, writing('5 x 1000 m @ 10-km, 90 s jog'))).toEqual([]);
    expect(observed(unknownPace, writing('5 x 1000 m @ race pace, 90 s jog'))).toEqual([]);
    expect(observed(unknownPace, writing('5 x 1000 m @ gull, 90 s jog'))).toEqual([
      { weeks: [10], dates: [TUESDAY], value: 1, limit: 0 },
    ]);
    // Words alone speak of no pace.
    expect(weeksFound(unknownPace, writing('Club night'))).toEqual([]);
  });

  it('is said of every day whose weekday has a session that speaks of it', () => {
    const everyTuesday = (session: string) => weeksFound(unknownPace, withTuesdays(laid, session));
    expect(everyTuesday('5 x 1000 m @ 10-km, 90 s jog')).toEqual([]);
    expect(everyTuesday('5 x 1000 m @ gull, 90 s jog')).toEqual(
      laid.weeks.map(({ number }) => number),
    );
  });

  it('is said of every day of a family that speaks of it', () => {
    const [named] =
      laid.weeks[9]?.days.flatMap(({ sessions }) =>
        sessions.flatMap(({ family }) => family?.id ?? []),
      ) ?? [];
    const table = laid.spec.paces.table.filter(({ id }) => id === 'easy' || id === 'recovery');
    const found = weeksFound(unknownPace, withSpec(laid, { paces: { ...laid.spec.paces, table } }));
    expect(named).toBeDefined();
    expect(found).toContain(10);
  });
});

describe('a jump of hard running', () => {
  // Tuesdays of weeks 9 to 11 are made sessions of no family, or of one each: 4 km, less, then 6 km hard.
  const tuesdays = (
    between: number,
    rule: Week['volumeRule'],
    families: readonly (string | undefined)[] = [],
  ) => {
    const [hard, dates] = [
      [4000, between, 6000],
      ['2027-02-09', TUESDAY, '2027-02-23'],
    ];
    const weeks = laid.weeks.slice(8, 11).map((week, index) => ({
      ...week,
      volumeRule: index === 1 ? rule : ('rise' as const),
      days: week.days
        .filter(({ date }) => date === dates[index])
        .map((day): Day => {
          const [run] = day.sessions;
          const session = { ...run!, shorthand: '6 km easy', hardDistance: hard[index] ?? 0 };
          const id = families[index];
          const family = id === undefined ? undefined : { id, name: id, exposure: index + 1 };
          return { ...day, role: 'quality', swap: undefined, sessions: [{ ...session, family }] };
        }),
    }));
    return observed(hardRunningJump, { ...laid, weeks });
  };

  it('is held against the session before, whatever made that one small, but not in a week cut by an event', () => {
    // 6 km after 2 km are three times as much, after 4 km half as much again.
    expect(tuesdays(2000, 'rise')).toMatchObject([{ weeks: [11], value: 2 }]);
    expect(tuesdays(2000, 'event')).toMatchObject([{ weeks: [11], value: 0.5 }]);
    // More than before is a measure in any week: 6 km after 5 km.
    expect(tuesdays(5000, 'event')).toEqual([]);
  });

  it('is none where a family goes on from what an event left of it', () => {
    const found = (between: string, then: string) =>
      tuesdays(2000, 'event', ['threshold', between, then]);
    expect(found('race-pace', 'race-pace')).toEqual([]);
    expect(found('hills', 'race-pace')).toMatchObject([{ weeks: [11], value: 0.5 }]);
  });
});
