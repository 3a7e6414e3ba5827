import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { holdFor } from '../../testing/hold-for.js';
import {
  type Activity,
  guessActivityColumns,
  haversine,
  marksOf,
  matchActivities,
  meanHeart,
  quickestPieces,
  readActivities,
  splitsOf,
} from './index.js';

const read = (rows: string[][], unit: 'km' | 'mi' = 'km') => {
  const shape = guessActivityColumns(rows);
  if (!shape) throw new Error('There are no columns.');
  return readActivities({ rows, ...shape }, unit);
};

describe('a table of runs', () => {
  it('is read by its headings, with a line for what cannot be', () => {
    const { activities, problems } = read([
      ['My running', '', ''],
      ['Date', 'Distance (km)', 'Time', 'Avg HR', 'RPE', 'Type', 'Notes'],
      ['2027-02-08 07:30', '12.4', '1:02:30', '148', '4', 'Run', 'wind'],
      ['09/02/2027', '6', '', '', '', '', ''],
      ['soon', '6', '', '', '', '', ''],
      ['', '', '', '', '', '', ''],
      ['2027-02-10', '', '40', '', '11', 'Ride', ''],
      ['2027-02-10', '', '', '', '', 'Run', 'nothing'],
      ['2027-02-10', '8', '3:75', '', '', 'Run', ''],
    ]);
    expect(activities).toMatchObject([
      {
        date: '2027-02-08',
        start: '07:30',
        kind: 'run',
        distance: 12_400,
        time: 3750,
        heart: 148,
        effort: 4,
        note: 'wind',
      },
      { date: '2027-02-09', kind: 'run', distance: 6000, time: undefined },
      { date: '2027-02-10', kind: 'bike', time: 2400, effort: undefined },
    ]);
    expect(problems.map(({ where }) => where)).toEqual(['line 5', 'line 8', 'line 9']);
  });

  it.each([
    ['a German sheet', ['Datum', 'Strecke', 'Dauer'], ['08.02.2027', '12,4', '1:02:30'], 12_400],
    [
      'thousands with a point',
      ['Date', 'Metres', 'Time'],
      ['08.02.2027', '12.400,50', '1:00:00'],
      12_401,
    ],
    ['miles', ['Date', 'Miles', 'Time'], ['08/02/2027', '7.5', '1:00:00'], 12_070],
    ['a unit in the cell', ['Date', 'Dist', 'Time'], ['08/02/2027', '7.5 mi', '1:00:00'], 12_070],
  ])('%s is read as it is meant', (_, heads, row, metres) => {
    expect(read([heads, row]).activities).toMatchObject([{ date: '2027-02-08', distance: metres }]);
  });

  it('has the month first where a day would be over twelve otherwise', () => {
    const { activities } = read([
      ['Date', 'km', 'Time'],
      ['02/08/2027', '6', '30:00'],
      ['02/13/2027', '6', '30:00'],
    ]);
    expect(activities.map(({ date }) => date)).toEqual(['2027-02-08', '2027-02-13']);
  });

  it('is none without a date and a figure', () => {
    expect(
      guessActivityColumns([
        ['a', 'b'],
        ['1', '2'],
      ]),
    ).toBeUndefined();
  });
});

/** A point so many metres north of the equator, by the second. */
const north = (metres: number, seconds: number) => ({
  latitude: (metres / 6_371_008.8) * (180 / Math.PI),
  longitude: -20,
  at: 1000 * seconds,
});

describe('a track', () => {
  // A degree of the equator is 2π · 6 371 008.8 / 360 = 111 195.08 m.
  it('has a heart rate weighed by time, hand-worked, where most of it was measured', () => {
    const at = (seconds: number, heart?: number) =>
      ({ latitude: 0, longitude: 0, at: 1000 * seconds, heart }) as const;
    // (140 x 60 + 160 x 20) / 80 = 145.
    expect(meanHeart([at(0, 90), at(60, 140), at(80, 160)])).toBe(145);
    expect(meanHeart([at(0), at(60), at(80, 160)])).toBeUndefined();
    // Two minutes without a point were spent standing: they count for neither.
    expect(meanHeart([at(0), at(60, 140), at(180, 80), at(200, 180)])).toBe(150);
  });

  it('is measured by the haversine, hand-worked on a degree', () => {
    const degree = haversine({ latitude: 0, longitude: 0 }, { latitude: 0, longitude: 1 });
    expect(degree).toBeCloseTo(111_195.08, 2);
    const farNorth = haversine({ latitude: 60, longitude: 0 }, { latitude: 60, longitude: 1 });
    // At 60° a degree of longitude is a little under half of it: the great circle is the shorter way.
    expect(farNorth).toBeCloseTo(55_597.0, 0);
  });

  it('counts no time of standing, nor of a watch that was stopped', () => {
    const marks = marksOf([
      north(0, 0),
      north(100, 25),
      north(100, 45),
      north(200, 70),
      north(300, 400),
    ]);
    expect(marks.at(-1)?.metres).toBeCloseTo(300, 3);
    expect(marks.at(-1)?.seconds).toBe(50);
  });

  it('has splits by kilometre and by mile', () => {
    const even = marksOf(Array.from({ length: 351 }, (_, index) => north(10 * index, 3 * index)));
    expect(splitsOf(even, 'km').map(Math.round)).toEqual([300, 300, 300]);
    expect(splitsOf(even, 'mi').map(Math.round)).toEqual([483, 483]);
  });

  it('gives its repetitions away: the quickest pieces that do not overlap, in order', () => {
    // 1 km at 5:00, then three times 400 m at 4 m/s, 5 m/s, 4 m/s with 200 m jogs.
    const legs = [
      [1000, 1000 / 300],
      [400, 4],
      [200, 2],
      [400, 5],
      [200, 2],
      [400, 4],
    ] as const;
    let [metres, seconds] = [0, 0];
    const points = [north(0, 0)];
    for (const [length, speed] of legs) {
      for (let step = 0; step < length; step += 10) {
        metres += 10;
        seconds += 10 / speed;
        points.push(north(metres, seconds));
      }
    }
    expect(quickestPieces(marksOf(points), 400, 3)).toEqual([100, 80, 100]);
    expect(quickestPieces(marksOf(points), 5000, 3)).toBeUndefined();
  });

  it('never measures what is no figure', () => {
    const point = fc.record({
      latitude: fc.double({ min: -90, max: 90, noNaN: true }),
      longitude: fc.double({ min: -180, max: 180, noNaN: true }),
      at: fc.option(fc.integer({ min: 0, max: 1e12 }), { nil: undefined }),
    });
    holdFor(
      fc.property(fc.array(point, { maxLength: 30 }), (points) => {
        for (const { metres, seconds } of marksOf(points)) {
          expect(Number.isFinite(metres) && metres >= 0).toBe(true);
          expect(Number.isFinite(seconds) && seconds >= 0).toBe(true);
        }
      }),
    );
  });
});

describe('what of a batch is new', () => {
  const run: Activity = {
    date: '2027-02-08',
    kind: 'run',
    distance: 10_000,
    time: 3000,
    start: '07:10',
  };
  const states = (batch: Activity[], kept: Parameters<typeof matchActivities>[1] = []) =>
    matchActivities(batch, kept, '2027-02-10', 'file').map(({ state }) => state);

  it('a run from two devices is one; a second run of the day is another', () => {
    expect(states([run, { ...run, distance: 10_050, start: '07:12' }])).toEqual(['new', 'known']);
    expect(states([run, { ...run, distance: 4000, start: '18:00' }])).toEqual(['new', 'new']);
    expect(
      states([
        { ...run, start: undefined },
        { ...run, start: undefined, distance: 10_299 },
      ]),
    ).toEqual(['new', 'known']);
    expect(
      states([
        { ...run, start: undefined },
        { ...run, start: undefined, distance: 10_400, time: 3300 },
      ]),
    ).toEqual(['new', 'new']);
  });

  it('what was typed is filled with what was measured, and keeps its words', () => {
    const typed = {
      date: run.date,
      place: 0,
      kind: 'run',
      distance: 10_000,
      note: 'wind',
      effort: 4,
    } as const;
    const [match] = matchActivities([run], [typed], '2027-02-10', 'watch');
    expect(match).toMatchObject({
      state: 'fills',
      entry: { place: 0, time: 3000, start: '07:10', note: 'wind', effort: 4, source: 'watch' },
    });
  });

  it('what cannot have been is refused by itself', () => {
    expect(states([{ ...run, date: '2027-02-11' }, { ...run, time: 60 }, run])).toEqual([
      'refused',
      'refused',
      'new',
    ]);
  });
});
