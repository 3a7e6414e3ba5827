import { describe, expect, it } from 'vitest';
import type { ProgressionRuleName } from '../../spec/choices/index.js';
import { defaultHouseRules } from '../../rules/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { defaultPaces } from '../../paces/index.js';
import {
  halved,
  mentionsIn,
  paceNamed,
  printSession,
  progressionRules,
  RACE_PACE,
  readSession,
  scaled,
  sessionOf,
  sessionPacesOf,
} from '../../sessions/index.js';
import { exposuresOf, startingFamilies, suggestUses } from '../../sessions/library/index.js';
import { layOut } from '../../lay-out.js';
import { resolveSpec } from '../resolve/resolve.js';
import { marathon } from '../../testing/examples.js';
import { corpus } from '../../sessions/shorthand/corpus.js';
import { startingLibrary } from '../../sessions/library/starting-library.js';

/** A text and what it becomes time after time. */
function goesOn(way: ProgressionRuleName, by: number, text: string, times: number): string[] {
  let parts = sessionOf(text)?.parts ?? [];
  return Array.from({ length: times }, () => {
    parts = progressionRules[way].next(parts, by);
    return printSession({ parts });
  });
}

describe('ways to go on, worked by hand', () => {
  it.each<[ProgressionRuleName, number, string, string[]]>([
    ['longer', 5, '20 min @ one-hour', ['25 min one-hour', '30 min one-hour']],
    [
      'longer-repetitions',
      200,
      '6 x 800 m @ 10-km, 80 s jog',
      // A quarter longer, the rest a quarter longer; then a fifth.
      ['6 x 1000 m @ 10-km, 100 s jog', '6 x 1200 m @ 10-km, 120 s jog'],
    ],
    [
      'same-total',
      200,
      '12 x 400 m @ 5-km, 60 s jog',
      // 4.8 km in 600s, then in 800s.
      ['8 x 600 m @ 5-km, 60 s jog', '6 x 800 m @ 5-km, 60 s jog'],
    ],
    [
      'fewer-faster',
      1,
      '5 x 500 m @ 3-km, 2 min jog',
      // A second over 500 m are two a kilometre.
      ['4 x 500 m @ 3-km - 2 s/km, 2 min jog', '3 x 500 m @ 3-km - 4 s/km, 2 min jog'],
    ],
    ['more-repetitions', 1, '5 x 1000 m @ 10-km, 90 s jog', ['6 x 1000 m @ 10-km, 90 s jog']],
    [
      'more-repetitions',
      1,
      '2 x (4 x 300 m mile, 60 s jog), 5 min jog',
      ['2 x (5 x 300 m mile, 60 s jog), 5 min jog'],
    ],
    [
      'longer-hill',
      15,
      '6 x 45 s @ effort 8 uphill, walk back',
      ['6 x 60 s @ effort 8 uphill, walk back'],
    ],
    [
      'on-off',
      0.5,
      '10 x 1 min @ 5-km, 1 min jog',
      // A tenth more in all: 11 minutes are 7 times one and a half; 11.55 of 10.5 are 6 times two.
      ['7 x 1.5 min @ 5-km, 1 min jog', '6 x 2 min @ 5-km, 1 min jog'],
    ],
    [
      'more-at-the-end',
      2,
      '12 km easy; 4 km @ race pace',
      ['10 km easy; 6 km @ race pace', '8 km easy; 8 km @ race pace'],
    ],
  ])('%s by %d from %s', (way, by, text, expected) => {
    expect(goesOn(way, by, text, expected.length)).toEqual(expected);
  });

  it('quicken a time for each repetition, or a pace that is written out', () => {
    expect(goesOn('fewer-faster', 1, '12 x 200 m in 41, 200 m jog', 2)).toEqual([
      '11 x 200 m in 40, 200 m jog',
      '10 x 200 m in 39, 200 m jog',
    ]);
    expect(goesOn('fewer-faster', 1, '6 x 600 m in 1:54-1:56', 1)).toEqual([
      '5 x 600 m in 1:53-1:55',
    ]);
    // A second over 500 m are two a kilometre.
    expect(goesOn('fewer-faster', 1, '6 x 500 m @ 3:40 /km', 1)).toEqual(['5 x 500 m @ 3:38 /km']);
  });

  it('keep what is run within a repetition, and its time, in proportion', () => {
    expect(
      goesOn('longer-repetitions', 90, '4 x 180 m (60 easy, 60 steady, 60 fast), walk back', 1),
    ).toEqual(['4 x 270 m (90 m easy, 90 m steady, 90 m fast), walk back']);
    expect(goesOn('longer-repetitions', 200, '6 x 400 m in 80, 60 s jog', 1)).toEqual([
      '6 x 600 m in 2:00, 90 s jog',
    ]);
    expect(goesOn('longer', 2, '16 km easy, last 4 km marathon', 1)).toEqual([
      '18 km easy, last 4 km marathon',
    ]);
    // What a run holds grows within it, and makes it longer where it no longer fits.
    expect(goesOn('longer', 4, '16 km with 10 @ marathon', 2)).toEqual([
      '16 km including 14 km marathon',
      '18 km including 18 km marathon',
    ]);
    const half = halved(sessionOf('16 km steady, last 4 km marathon')?.parts ?? []);
    expect(printSession({ parts: half })).toBe('8 km steady, last 2 km marathon');
  });

  it('leave every line that coaches type one that can be read', () => {
    for (const [text] of corpus) {
      const read = sessionOf(text)?.parts ?? [];
      for (const [way, { next }] of Object.entries(progressionRules)) {
        let parts = read;
        for (const by of [1, 50, 1]) {
          parts = next(parts, by);
          const printed = printSession({ parts });
          expect([way, text, printed, sessionOf(printed) !== undefined]).toEqual([
            way,
            text,
            printed,
            true,
          ]);
        }
      }
      for (const ratio of [0.3, 0.5, 1.7]) {
        const printed = printSession({ parts: scaled(read, ratio) });
        expect([text, printed, sessionOf(printed) !== undefined]).toEqual([text, printed, true]);
      }
    }
  });

  it('end where there is nothing left to grow', () => {
    expect(goesOn('fewer-faster', 1, '3 x 600 m @ 3-km', 1)).toEqual(['3 x 600 m @ 3-km']);
    expect(goesOn('more-at-the-end', 5, '4 km easy; 4 km steady', 1)).toEqual([
      '4 km easy; 4 km steady',
    ]);
    expect(goesOn('longer-hill', 15, '6 x 45 s @ mile', 1)).toEqual(['6 x 45 s mile']);
  });
});

describe('the starting library', () => {
  it.each(startingFamilies)('$id reads, and names paces there are', ({ start, id }) => {
    const read = readSession(start);
    expect(read.ok).toBe(true);
    const names = mentionsIn(sessionOf(start) ?? { parts: [] });
    const lost = names.filter(
      (name) => !name.startsWith(RACE_PACE) && !paceNamed(name, defaultPaces),
    );
    expect(lost).toEqual([]);
    expect(startingLibrary[id as keyof typeof startingLibrary].id).toBe(id);
  });

  it('goes on in every family without losing its readability', () => {
    const spec = resolveSpec(marathon);
    const paces = sessionPacesOf(spec, defaultHouseRules, spec.start);
    for (const family of startingFamilies) {
      const exposures = exposuresOf(family, paces, defaultPaces);
      expect(exposures).toHaveLength(family.most);
      for (const { shorthand } of exposures) expect(readSession(shorthand).ok).toBe(true);
    }
  });

  it('is the same list for the same kind of race, so that a file leaves it out', () => {
    expect(suggestUses(42_195)).toBe(suggestUses(21_097.5));
    expect(suggestUses(1500)).not.toBe(suggestUses(5000));
  });
});

describe('sizing', () => {
  const size = (text: string, ratio: number) =>
    printSession({ parts: scaled(sessionOf(text)?.parts ?? [], ratio) });

  it('is by number for repetitions, by length for a run, and stops at a dozen hills', () => {
    expect(size('5 x 1000 m @ 10-km, 90 s jog', 1.4)).toBe('7 x 1000 m @ 10-km, 90 s jog');
    expect(size('20 min @ one-hour', 0.75)).toBe('15 min one-hour');
    expect(size('6 x 45 s @ effort 8 uphill, walk back', 5)).toBe(
      '12 x 45 s @ effort 8 uphill, walk back',
    );
  });

  it('stops at sixteen repetitions, of short pieces at twenty in all sets, but for what was written with more', () => {
    expect(size('10 x 400 m @ 5-km, 75 s jog', 3)).toBe('16 x 400 m @ 5-km, 75 s jog');
    expect(size('8 x 1 min @ 10-km, 1 min jog', 4)).toBe('20 x 1 min @ 10-km, 1 min jog');
    const sets = (each: number) => `2 x (${each} x 200 m @ race pace, 200 m jog), 5 min jog`;
    expect(size(sets(4), 5)).toBe(sets(10));
    expect(size('24 x 400 m @ 5-km, 75 s jog', 2)).toBe('24 x 400 m @ 5-km, 75 s jog');
    expect(size('24 x 400 m @ 5-km, 75 s jog', 0.75)).toBe('18 x 400 m @ 5-km, 75 s jog');
  });
});

describe('a session that its week has hardly room for', () => {
  it('is never a single short repetition of several; a long one, or one that sharpens, may be', () => {
    const size = (text: string, least?: number) =>
      printSession({ parts: scaled(sessionOf(text)?.parts ?? [], 0.1, least) });
    expect(size('5 x 1000 m @ half-hour, 90 s jog')).toBe('2 x 1000 m half-hour, 90 s jog');
    expect(size('6 x 45 s @ effort 8 uphill, walk back')).toMatch(/^2 x 45 s/);
    expect(size('3 x 10 min @ one-hour, 2 min jog')).toMatch(/^1 x 10 min/);
    expect(size('3 x 1600 m @ one-hour, 2 min jog')).toMatch(/^1 x 1600 m/);
    expect(size('3 x 600 m @ race pace, 2 min jog', 1)).toMatch(/^1 x 600 m/);
  });

  it('stays, if it is a single one, where the coach has it take turns: 6 km hold one of 1000 m', () => {
    const { id } = startingLibrary['half-hour-kilometres'];
    const { weeks, findings } = layOut({
      race: { name: 'Lantern Bay', date: '2027-05-09', distance: 10_000 },
      weeks: 12,
      families: startingFamilies.filter((family) => family.id === id),
      rotations: [{ on: 'tuesday', turn: [id] }],
    });
    expect(weeks[0]?.days[1]?.sessions[0]?.shorthand).toBe(
      '2.5 km easy; 1000 m half-hour; 2.5 km easy',
    );
    expect(findings.map(({ check }) => check)).not.toContain('session-dropped');
  });

  it('gives way where a race has taken the week’s hard running: four days after 10 km', () => {
    const { weeks, findings } = layOut({
      athlete: {
        recentWeeks: [61_000, 61_000, 61_000, 61_000],
        results: [{ date: '2027-01-02', distance: 10_000, time: 2700 }],
      },
      race: { name: 'Lantern Bay', date: '2027-03-04', distance: 5000 },
      weeks: 14,
      week: { runDays: 6 },
      events: [
        { kind: 'tune-up-race', name: 'Gullstone', from: '2027-02-09', distance: 10_000 },
        { kind: 'away', name: 'Ostrel', from: '2027-02-08', to: '2027-02-11' },
      ],
    });
    const saturday = weeks[10]?.days[5];
    expect(saturday).toMatchObject({ date: '2027-02-13', role: 'quality', hardTime: 0 });
    expect(findings.map(({ check }) => check)).not.toContain('too-much-hard');
    expect(findings.find(({ check }) => check === 'session-dropped')?.weeks).toEqual([11]);
  });
});

describe('what is laid out for a runner of', () => {
  const sessionsOf = (weekly: number, distance: number, runDays: number) =>
    layOut({
      athlete: {
        recentWeeks: [weekly, weekly, weekly, weekly],
        results: [{ date: '2027-01-10', distance: 10_000, time: 2700 }],
      },
      race: { name: 'Lantern Bay', date: '2027-04-18', distance },
      weeks: 14,
      week: { runDays },
    })
      .weeks.filter(({ kind }) => kind === 'building')
      .flatMap(({ days }) => days)
      .filter(({ role }) => role === 'quality')
      .map(({ sessions }) => sessions[0]?.shorthand ?? '');
  const repetitions = (sessions: readonly string[], what: RegExp) =>
    sessions.flatMap((text) => what.exec(text)?.[1] ?? []).map(Number);

  // Eight seconds uphill for each kilometre, two fifths more with one quality day a week, a dozen
  // at most. The first hilly weeks: 29 km are 325 s, 54 are 605 s, with two days 432 s, 83 are 664 s.
  it.each([
    [25_000, 4, 7],
    [50_000, 4, 12],
    [50_000, 6, 10],
    [80_000, 6, 12],
  ])(
    '%d m in %d days: %d hills of 45 s, and as many as they grow longer',
    (weekly, days, hills) => {
      const found = repetitions(
        sessionsOf(weekly, 10_000, days),
        /(\d+) x (?:45|60|75) s .* uphill/,
      );
      expect(found.length).toBeGreaterThan(1);
      expect(new Set(found)).toEqual(new Set([hills]));
    },
  );

  it('55 km: on the flat after hills that began a block as much as a block begins with', () => {
    const sessions = layOut({
      athlete: {
        recentWeeks: [55_000, 55_000, 55_000, 55_000],
        results: [{ date: '2027-01-10', distance: 10_000, time: 2700 }],
      },
      race: { name: 'Lantern Bay', date: '2027-04-18', distance: 21_097.5 },
      weeks: 14,
      phases: { layout: 'speed-before-distance' },
    }).weeks.flatMap(({ days }) => days.flatMap((day) => day.sessions));
    const flat = sessions.find(({ shorthand }) => shorthand.includes('@ race pace'));
    // Six hundredths of 55 km are 3.3 km: 8 min at 4:44 are 1.7 km, two of them 3.4.
    expect(flat?.shorthand).toContain('2 x 8 min @ race pace');
  });

  it('80 km: a twentieth of the week at 3 km pace, and of short minutes twenty', () => {
    const sessions = sessionsOf(80_000, 10_000, 6);
    // 88 km at the most: 4.4 km are eleven times 400 m.
    expect(Math.max(...repetitions(sessions, /(\d+) x 400 m @ 3 km/))).toBe(11);
    expect(Math.max(...repetitions(sessions, /(\d+) x 1 min/))).toBe(20);
  });
});

describe('the pace of the race', () => {
  const distances = [
    400, 1000, 3218.688, 4828.032, 8000, 12_000, 15_000, 16_093.44, 20_000, 30_000,
  ];
  it.each(distances)('is run before the taper of %d m', (distance) => {
    const { findings } = layOut({
      athlete: {
        recentWeeks: [50_000, 50_000, 50_000, 50_000],
        results: [{ date: '2027-01-10', distance: 5000, time: 1290 }],
      },
      race: { name: 'Lantern Bay', date: '2027-04-18', distance },
      weeks: 14,
    });
    const codes = findings.map(({ check }) => check);
    expect(codes).not.toContain('race-pace-never');
    expect(codes).not.toContain('race-rep-too-long');
  });
});

describe('filling a block', () => {
  const tempo = startingLibrary.tempo;
  const hard = startingLibrary['half-hour-kilometres'];
  const every = (family: typeof tempo | typeof hard): BlockSpec => ({
    ...marathon,
    sessions: [...new Set(suggestUses(42_195).map(({ phase }) => phase))].map((phase) => ({
      phase,
      place: 1,
      family,
    })),
  });
  const exposures = (given: BlockSpec) =>
    layOut(given).weeks.flatMap(({ number, days }) =>
      days.flatMap(({ role, sessions }) =>
        role === 'quality' ? [{ week: number, ...sessions[0]?.family }] : [],
      ),
    );

  it('goes on week after week, and leaves recovery weeks out', () => {
    const found = exposures(every(tempo)).filter(
      (_, index, all) => all.findIndex(({ week }) => week === all[index]?.week) === index,
    );
    expect(found.slice(0, 4).map(({ week, exposure }) => [week, exposure])).toEqual([
      [1, 1],
      [2, 2],
      [3, 3],
      [5, 4],
    ]);
  });

  it('halves it in race week', () => {
    const weeks = layOut(every(hard)).weeks;
    const count = (week: number) =>
      Number(/(\d+) x 1000/.exec(quality(weeks, week)?.shorthand ?? '')?.[1]);
    expect(count(18)).toBe(Math.round(count(17) / 2));
  });

  it('sizes a family to the hard running of the one before it', () => {
    const { weeks } = layOut(marathon);
    // The loose minutes end at 5.6 km hard in week 5; eight minutes at 4:37 are 1.7 km: three of them.
    expect(quality(weeks, 5)?.hardDistance).toBeCloseTo(5556, -1);
    expect(quality(weeks, 6)?.shorthand).toContain('3 x 8 min @ race pace');
  });

  it('lets later ones grow from what the coach wrote, where they are to follow', () => {
    const written = {
      date: '2026-12-22',
      session: '2 km easy; 2 x 1000 m @ half-hour, 90 s jog; 2 km easy',
    };
    const week3 = (follow?: true) =>
      quality(layOut({ ...every(hard), days: [{ ...written, follow }] }).weeks, 3)?.shorthand;
    // One that is not followed stands in place of an exposure: the fifth kilometre comes a week later.
    expect(week3()).toContain('5 x 1000 m');
    expect(week3(true)).toContain('3 x 1000 m');
  });

  it('is not advanced by another session written in its place', () => {
    const written = { date: '2026-12-22', session: '45 min easy' };
    const found = exposures({ ...every(tempo), days: [written] }).filter(({ week }) => week < 4);
    // Weeks 1 and 3 hold the first and the second; week 2 what the coach wrote.
    expect(found.map(({ week, exposure }) => [week, exposure])).toEqual([
      [1, 1],
      [2, undefined],
      [3, 2],
    ]);
  });

  it('holds no key session over its part of the week', () => {
    const { weeks } = layOut({ ...every(hard), volume: { start: 30_000, peak: 45_000 } });
    for (const { days, distance } of weeks) {
      for (const { sessions } of days) {
        for (const { family, hardDistance } of sessions) {
          // Whole repetitions may come to half of one more.
          if (family) expect(hardDistance).toBeLessThanOrEqual(0.12 * distance + 500);
        }
      }
    }
  });
});

function quality(weeks: ReturnType<typeof layOut>['weeks'], number: number) {
  return weeks[number - 1]?.days.find(({ role }) => role === 'quality')?.sessions[0];
}
