import type { Unit, Weekday } from '../base/index.js';
import type { BlockSpec } from '../spec/index.js';

/** Someone with a race, four recent weeks and a result: all that a sensible block is laid out from. */
interface Runner {
  called: string;
  race: number;
  /** Whole kilometres, miles or minutes of the last four weeks, about. */
  weekly: number;
  runDays?: number;
  /** Distance in metres and seconds of the newest result. */
  result?: readonly [distance: number, time: number];
  date?: string;
  unit?: Unit;
  byTime?: true;
  birthYear?: number;
  oftenHurt?: true;
  weekStartsOn?: Weekday;
  longRunOn?: Weekday;
}

const HALF = 21_097.5;
const MARATHON = 42_195;
const SUNDAY = '2027-04-18';

/** Runners as a coach meets them, from the track to the marathon. The list grows. */
const runners: readonly Runner[] = [
  { called: '800 m, 35 km', race: 800, weekly: 35, result: [800, 144], date: '2027-05-01' },
  { called: '800 m, 50 km, six days', race: 800, weekly: 50, runDays: 6, result: [800, 118] },
  { called: '800 m, a junior', race: 800, weekly: 30, result: [800, 150], birthYear: 2010 },
  { called: '1500 m, 45 km', race: 1500, weekly: 45, result: [1500, 268] },
  {
    called: '1500 m, 60 km, six days, a Wednesday in twelve weeks',
    race: 1500,
    weekly: 61,
    runDays: 6,
    result: [1500, 250],
    date: '2027-03-10',
  },
  { called: '1500 m, 90 km, seven days', race: 1500, weekly: 90, runDays: 7, result: [1500, 225] },
  { called: '1500 m, a junior', race: 1500, weekly: 40, result: [1500, 285], birthYear: 2011 },
  { called: 'a mile, 25 miles', race: 1609.344, weekly: 25, unit: 'mi', result: [1609.344, 310] },
  { called: '3000 m, 50 km', race: 3000, weekly: 50, result: [3000, 610] },
  { called: '3000 m, 75 km, six days', race: 3000, weekly: 75, runDays: 6, result: [3000, 530] },
  { called: '5 km, 20 km, three days', race: 5000, weekly: 20, runDays: 3, result: [5000, 1740] },
  { called: '5 km, 30 km, four days', race: 5000, weekly: 30, runDays: 4, result: [5000, 1500] },
  { called: '5 km, 45 km', race: 5000, weekly: 45, result: [5000, 1260] },
  { called: '5 km, 80 km, seven days', race: 5000, weekly: 80, runDays: 7, result: [5000, 990] },
  { called: '5 km, 30 miles', race: 5000, weekly: 30, unit: 'mi', result: [5000, 1320] },
  { called: '5 km, by time', race: 5000, weekly: 240, byTime: true, result: [5000, 1380] },
  { called: '5 km, a junior', race: 5000, weekly: 35, result: [5000, 1200], birthYear: 2010 },
  { called: '5 km, a veteran', race: 5000, weekly: 40, result: [5000, 1450], birthYear: 1958 },
  {
    called: '10 km, 25 km, three days',
    race: 10_000,
    weekly: 25,
    runDays: 3,
    result: [5000, 1620],
  },
  { called: '10 km, 40 km, four days', race: 10_000, weekly: 40, runDays: 4, result: [5000, 1380] },
  { called: '10 km, 50 km', race: 10_000, weekly: 50, result: [10_000, 2700] },
  {
    called: '10 km, 60 km, six days',
    race: 10_000,
    weekly: 60,
    runDays: 6,
    result: [10_000, 2400],
  },
  {
    called: '10 km, 110 km, seven days',
    race: 10_000,
    weekly: 110,
    runDays: 7,
    result: [10_000, 1860],
  },
  { called: '10 km, 35 miles', race: 10_000, weekly: 35, unit: 'mi', result: [10_000, 2520] },
  { called: '10 km, by time', race: 10_000, weekly: 300, byTime: true, result: [10_000, 2760] },
  {
    called: '10 km on a Saturday',
    race: 10_000,
    weekly: 55,
    result: [10_000, 2520],
    date: '2027-04-17',
  },
  { called: '10 km, a veteran', race: 10_000, weekly: 45, result: [10_000, 2880], birthYear: 1955 },
  { called: 'half, 30 km, three days', race: HALF, weekly: 30, runDays: 3, result: [10_000, 3300] },
  { called: 'half, often hurt', race: HALF, weekly: 35, result: [10_000, 3000], oftenHurt: true },
  { called: 'half, 45 km, four days', race: HALF, weekly: 45, runDays: 4, result: [10_000, 2850] },
  { called: 'half, 55 km', race: HALF, weekly: 55, result: [10_000, 2580] },
  { called: 'half, 75 km, six days', race: HALF, weekly: 75, runDays: 6, result: [HALF, 5400] },
  { called: 'half, 120 km, seven days', race: HALF, weekly: 120, runDays: 7, result: [HALF, 4200] },
  { called: 'half, 40 miles', race: HALF, weekly: 40, unit: 'mi', result: [10_000, 2460] },
  { called: 'half, by time', race: HALF, weekly: 330, byTime: true, result: [10_000, 2940] },
  {
    called: 'half on a Saturday',
    race: HALF,
    weekly: 60,
    result: [10_000, 2500],
    date: '2027-04-17',
  },
  {
    called: 'half on a Monday',
    race: HALF,
    weekly: 60,
    result: [10_000, 2500],
    date: '2027-04-19',
  },
  {
    called: 'marathon, 45 km, four days',
    race: MARATHON,
    weekly: 45,
    runDays: 4,
    result: [HALF, 6900],
  },
  { called: 'marathon, 60 km', race: MARATHON, weekly: 60, result: [10_000, 2500] },
  {
    called: 'marathon, 80 km, six days',
    race: MARATHON,
    weekly: 80,
    runDays: 6,
    result: [HALF, 5200],
  },
  {
    called: 'marathon, 110 km, seven days',
    race: MARATHON,
    weekly: 110,
    runDays: 7,
    result: [HALF, 4500],
  },
  {
    called: 'marathon, 180 km, seven days',
    race: MARATHON,
    weekly: 180,
    runDays: 7,
    result: [HALF, 3800],
  },
  {
    called: 'marathon, 50 miles',
    race: MARATHON,
    weekly: 50,
    unit: 'mi',
    runDays: 6,
    result: [HALF, 5300],
  },
  { called: 'marathon, by time', race: MARATHON, weekly: 420, byTime: true, result: [HALF, 6000] },
  { called: 'half, without a result', race: HALF, weekly: 41 },
  { called: '5 km, without a result', race: 5000, weekly: 30, runDays: 4 },
  {
    called: 'marathon, Sunday weeks',
    race: MARATHON,
    weekly: 60,
    result: [10_000, 2500],
    weekStartsOn: 'sunday',
  },
  { called: '800 m, 20 km, four days', race: 800, weekly: 20, runDays: 4, result: [800, 165] },
  { called: '800 m, 45 km, three days', race: 800, weekly: 45, runDays: 3, result: [800, 140] },
  {
    called: '1500 m, a junior at the cap',
    race: 1500,
    weekly: 60,
    runDays: 6,
    result: [1500, 260],
    birthYear: 2011,
  },
  { called: '3000 m, 30 km', race: 3000, weekly: 30, runDays: 5, result: [3000, 640] },
  { called: '10 km, 20 km, four days', race: 10_000, weekly: 20, runDays: 4, result: [5000, 1700] },
  {
    called: '10 km, 30 km, six days',
    race: 10_000,
    weekly: 30,
    runDays: 6,
    result: [10_000, 2450],
  },
  {
    called: 'half, 130 km, seven days',
    race: HALF,
    weekly: 130,
    runDays: 7,
    result: [HALF, 4200],
  },
  {
    called: 'marathon, 160 km, seven days',
    race: MARATHON,
    weekly: 160,
    runDays: 7,
    result: [HALF, 4020],
  },
  {
    called: '5 km, a junior, 30 km, five days',
    race: 5000,
    weekly: 30,
    runDays: 5,
    result: [5000, 1150],
    birthYear: 2011,
  },
  {
    called: 'half, 130 km, seven days, a Wednesday',
    race: HALF,
    weekly: 130,
    runDays: 7,
    result: [5000, 1150],
    date: '2027-04-14',
  },
  {
    called: '5 km, 37 miles, seven days',
    race: 5000,
    weekly: 37,
    unit: 'mi',
    runDays: 7,
    result: [5000, 1150],
  },
  {
    called: '3000 m, 165 minutes, five days',
    race: 3000,
    weekly: 165,
    byTime: true,
    runDays: 5,
    result: [3000, 630],
  },
  {
    called: '10 km, 45 km, three days',
    race: 10_000,
    weekly: 45,
    runDays: 3,
    result: [5000, 1150],
  },
  {
    called: 'marathon on a Wednesday',
    race: MARATHON,
    weekly: 65,
    result: [10_000, 2450],
    date: '2027-04-21',
  },
  { called: '5 km, 20 km', race: 5000, weekly: 20, result: [5000, 1600] },
  { called: '5 km, 12 miles', race: 5000, weekly: 12, unit: 'mi', result: [5000, 1680] },
  { called: '10 km, 28 km', race: 10_000, weekly: 28, result: [5000, 1500] },
  { called: '10 km, 95 km', race: 10_000, weekly: 95, result: [10_000, 1950] },
  { called: '1500 m, 110 km', race: 1500, weekly: 110, result: [1500, 222] },
  { called: 'half, 140 minutes', race: HALF, weekly: 140, byTime: true, result: [10_000, 3300] },
  { called: 'half, 130 km', race: HALF, weekly: 130, result: [HALF, 4150] },
  { called: 'marathon, 35 km', race: MARATHON, weekly: 35, result: [HALF, 6000] },
  { called: 'marathon, 160 km', race: MARATHON, weekly: 160, result: [HALF, 4020] },
  { called: '10 km, 45 km, a Tuesday', race: 10_000, weekly: 45, date: '2027-04-20' },
  { called: '3000 m, 90 km, a Tuesday', race: 3000, weekly: 90, date: '2027-04-20' },
  { called: 'half, 65 km, a Monday', race: HALF, weekly: 65, date: '2027-04-19' },
  {
    called: 'marathon, 70 km, a Monday, weeks from Sunday',
    race: MARATHON,
    weekly: 70,
    date: '2027-04-19',
    weekStartsOn: 'sunday',
  },
  {
    called: '1500 m, 60 km, a Friday, weeks from Saturday',
    race: 1500,
    weekly: 60,
    date: '2027-04-16',
    weekStartsOn: 'saturday',
  },
  {
    called: '10 km, 45 km, a Saturday, weeks from Saturday',
    race: 10_000,
    weekly: 45,
    date: '2027-04-17',
    weekStartsOn: 'saturday',
  },
  {
    called: '10 km, 65 km, a Friday, weeks from Sunday',
    race: 10_000,
    weekly: 65,
    date: '2027-04-16',
    weekStartsOn: 'sunday',
  },
  {
    called: '3000 m, 60 km, a Wednesday, long runs on Saturdays',
    race: 3000,
    weekly: 60,
    date: '2027-04-21',
    longRunOn: 'saturday',
  },
  { called: '5 km, 65 km, long on Wednesdays', race: 5000, weekly: 65, longRunOn: 'wednesday' },
  { called: '10 km, 65 km, long on Saturdays', race: 10_000, weekly: 65, longRunOn: 'saturday' },
  { called: 'half, 45 km, long on Saturdays', race: HALF, weekly: 45, longRunOn: 'saturday' },
  { called: '400 m, 35 km', race: 400, weekly: 35, result: [800, 135] },
  { called: 'two miles, 50 km', race: 3218.688, weekly: 50, result: [3000, 600] },
  { called: 'three miles, 30 miles', race: 4828.032, weekly: 30, unit: 'mi', result: [5000, 1250] },
  { called: '8 km, 35 km, four days', race: 8000, weekly: 35, runDays: 4, result: [5000, 1330] },
  {
    called: '15 km, by time, six days',
    race: 15_000,
    weekly: 360,
    byTime: true,
    runDays: 6,
    result: [10_000, 2640],
  },
  { called: 'ten miles, 45 km', race: 16_093.44, weekly: 45, result: [10_000, 2700] },
  {
    called: 'ten miles, 40 miles, six days',
    race: 16_093.44,
    weekly: 40,
    unit: 'mi',
    runDays: 6,
    result: [10_000, 2460],
  },
  { called: '20 km, 60 km', race: 20_000, weekly: 60, result: [10_000, 2450] },
  {
    called: '3000 m, 30 km, slow, a Wednesday',
    race: 3000,
    weekly: 30,
    result: [3000, 916],
    date: '2027-04-21',
  },
  {
    called: '3000 m, 67 km, six days, a Thursday',
    race: 3000,
    weekly: 67,
    runDays: 6,
    result: [3000, 681],
    date: '2027-04-29',
  },
  {
    called: '10 km, 56 km, a junior, six days, a Monday',
    race: 10_000,
    weekly: 56,
    runDays: 6,
    longRunOn: 'saturday',
    birthYear: 2010,
    date: '2027-03-29',
  },
  {
    called: '5 km, 45 km, six days, a Tuesday',
    race: 5000,
    weekly: 45,
    runDays: 6,
    date: '2027-03-09',
  },
  {
    called: 'marathon, 51 km, four days, a Thursday, weeks from Saturday',
    race: MARATHON,
    weekly: 51,
    runDays: 4,
    weekStartsOn: 'saturday',
    date: '2027-04-15',
    result: [5000, 1366],
  },
  {
    called: 'marathon, 73 km, seven days, weeks from Sunday, long on Wednesdays',
    race: MARATHON,
    weekly: 73,
    runDays: 7,
    weekStartsOn: 'sunday',
    longRunOn: 'wednesday',
    result: [10_000, 2445],
  },
];

/** Each runner's block as it is laid out with nothing else asked. */
export const defaultBlocks: readonly (readonly [called: string, spec: BlockSpec])[] = runners.map(
  ({ called, race, weekly, runDays, longRunOn, result, date = SUNDAY, ...who }) => {
    const unit = who.byTime ? 60 : who.unit === 'mi' ? 1609.344 : 1000;
    return [
      called,
      {
        athlete: {
          name: 'Idris Vale',
          basis: who.byTime ? 'time' : 'distance',
          unit: who.unit ?? 'km',
          birthYear: who.birthYear ?? 1994,
          oftenHurt: who.oftenHurt ?? false,
          recentWeeks: [0.97, 1, 1.01, 1.02].map((part) => Math.round(part * weekly) * unit),
          results: result
            ? [{ race: 'Lantern Bay', date: '2026-12-13', distance: result[0], time: result[1] }]
            : [],
        },
        race: { name: 'Lantern Bay', date, distance: race },
        week: { ...(runDays && { runDays }), ...(longRunOn && { longRunOn }) },
        ...(who.weekStartsOn && { weekStartsOn: who.weekStartsOn }),
      },
    ];
  },
);
