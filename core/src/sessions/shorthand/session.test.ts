import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { defaultHouseRules } from '../../rules/index.js';
import { defaultPaces } from '../../paces/index.js';
import { resolveSpec } from '../../layout/index.js';
import { marathon } from '../../testing/examples.js';
import { laySession } from '../breakdown/lay-session.js';
import { racedAlone } from './raced-alone.js';
import { readTyped } from './read-typed.js';
import { readSession } from './parse-session.js';
import { printSession } from './print-session.js';
import type { Session } from './session.js';
import { sessionPacesOf } from './session-paces.js';

const read = (text: string): Session => {
  const found = readSession(text);
  if (!found.ok) throw new Error(`${text}: ${found.problem.message}`);
  return found.session;
};
const spec = resolveSpec(marathon);
const paces = sessionPacesOf(spec, defaultHouseRules, spec.start);
const lay = (text: string, take?: 'least' | 'most') => laySession(read(text), paces, take);

/** Every kind of thing that can be written. */
const written = [
  '3 km easy; drills; 6 x 1000 m @ 10 km, 90 s jog; 2 km easy; 5 x 100 m strides',
  '12 km easy, km 3 and 4 brisk',
  '400-800-1200-800-400 m @ 5 km, equal jog',
  '2 x (4 x 400 m @ 5 km - 2 s/km, 60 s jog), 3 min jog [racing shoes]',
  '3-4 x 1:30 @ mile uphill, walk back',
  '10 km @ easy to marathon in 4 steps',
  '40 min @ 140-150 bpm; 5 km @ 4:10 /km; 20 min @ effort 7',
  '3 x (1 km @ marathon; 1 km @ steady)',
  '2 km easy; half marathon @ effort 9 [Tidewrack Half]; 2 km easy',
  '8 x 200 m @ 800 m, 200 m walk; 4 x 1 mi @ half marathon + 5 s/km, 2 min standing',
];

describe('shorthand', () => {
  it.each(written)('%s: written out, it reads the same', (text) => {
    const session = read(text);
    const printed = printSession(session);
    expect(read(printed)).toEqual(session);
    expect(printSession(read(printed))).toBe(printed);
  });

  it('reads the same however it is put together', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...written), { minLength: 1, maxLength: 5 }),
        (texts) => {
          const session = read(texts.join(';'));
          expect(read(printSession(session))).toEqual(session);
        },
      ),
    );
  });

  it('takes a race by its name, and writes it so', () => {
    expect(read('Half-marathon at half marathon pace')).toEqual(
      read('21097.5 m @ half marathon pace'),
    );
    expect(printSession(read('42195 m in 3:00:00'))).toBe('marathon in 3:00:00');
    // Alone it is the name of a pace, and a distance keeps its figure before one.
    expect(printSession(read('42195 m easy'))).toBe('42195 m easy');
    expect(read('marathon 5 km')).toEqual(read('5 km marathon'));
  });

  it('keeps what it cannot count as a word: a rest after a single run', () => {
    expect(printSession(read('1000 m @ 5k r 90s'))).toBe('1000 m @ 5k [r 90s]');
    expect(printSession(read('easy w Kit 8 km'))).toBe('8 km @ easy w Kit');
  });

  it.each([
    ['in 400-800-400 m', 'in; 400-800-400 m'],
    ['with strides 6 x 400 m', 'with strides; 6 x 400 m'],
    ['progression 6 x 400 m', '6 x 400 m @ progression'],
    ['race: 10 km', '10 km @ race'],
    ['drills: 4 x 100 m', 'drills; 4 x 100 m'],
    ['tempo: 2 x 20 min', '2 x 20 min tempo'],
  ])(
    '%s: words that can name no pace are a heading, and what is meant is written: %s',
    (typed, printed) => {
      expect(printSession(read(typed))).toBe(printed);
      expect(read(printed)).toEqual(read(typed));
    },
  );

  it('takes a decimal comma, any spaces, and words for units', () => {
    expect(read('2,5km   easy ;3 miles easy')).toEqual(read('2.5 km easy; 3 mi easy'));
  });

  it.each([
    [
      '6 x 1000 @ 10 km',
      5,
      /^column 5: “1000” cannot be read here\. Did you mean “6 x 1000 m @ 10 km”\?$/,
    ],
    ['3 km easy; 6 x', 15, /found the end/],
    ['6 x 1000 m @ 10 km, 90 bananas', 24, /“bananas” cannot be read here/],
    ['5 km @ 4:10', 1, /Did you mean “5 km @ 4:10 \/km”\?/],
    ['2 x (4 x 400 m @ 5k, 60 s jog) @ 10k', 1, /all in these brackets says its own pace/],
    ['8 km easy; 6 strides', 14, /Did you mean “8 km easy; 6 x 100 m strides”\?/],
    ['20 min in 4:00', 1, /a time for each needs a distance/],
    ['4 x 180 m (60 relaxed, 60 quick)', 5, /do not fill the repetition/],
    ['10 km easy, last 12 km steady', 1, /longer than the run/],
    ['10 km including 3 x 4 km steady', 1, /longer than the run that includes them/],
    ['10 km with 6 strides', 14, /Did you mean “10 km with 6 x 100 m strides”\?/],
    ['6 x 800 (400 jog)', 5, /Did you mean “6 x 800 m \(400 m jog\)”\?/],
    ['WU 15 min; 6 x 3 min tempo; CD 10', 32, /Did you mean “.*; CD 10 min”\?/],
    ['10 miles at 7:30 pace', 1, /Did you mean “10 miles at 7:30 \/mi pace”\?/],
    ['3 x 10 @ tempo, 2 jog', 5, /Did you mean “3 x 10 min @ tempo, 2 min jog”\?/],
    ['6 x 1k @ 5k, 90', 16, /Did you mean “6 x 1k @ 5k, 90 s”\?/],
    ['8km @ 5.30/km', 8, /Did you mean “8km @ 5:30\/km”\?/],
    ['400/800/400 @ 5k', 13, /Did you mean “400\/800\/400 m @ 5k”\?/],
    ['WU 2, 4 x 1 mile @ 10k (3 min), CD 2', 4, /Did you mean “WU 2 mi, .*, CD 2 mi”\?/],
    ['10 x hill', 1, /“10 x hill” does not say how long each is/],
    ['2 km wu, 8 hills', 10, /“8 hills” does not say how long each is/],
    ['15 wu 4 x 1k 10 cd', 4, /Did you mean “15 min wu, 4 x 1k, 10 min cd”\?/],
    ['3 x (4 x 400) 90s/3min', 10, /Did you mean “3 x \(4 x 400 m, 90s\), 3min”\?/],
    ['mile reps x 4', 13, /Did you mean “4 x mile”\?/],
    ['3 min hard x 5', 14, /Did you mean “5 x 3 min hard”\?/],
    ['400s x 8', 8, /Did you mean “8 x 400 m”\?/],
    ['hills x 10', 1, /“hills x 10” does not say how long each is/],
    ['tempo 20', 7, /Did you mean “tempo 20 min”\?/],
    ['tempo 8', 7, /Did you mean “tempo 8 km”\?/],
    ['swim 30', 6, /Did you mean “swim 30 min”\?/],
    ['pyramid 1-2-3-2-1', 9, /Did you mean “pyramid 1-2-3-2-1 min”\?/],
    ['7 x 1k alternating MP / steady', 25, /found “steady”/],
    ['6 x hill sprints', 5, /Did you mean “6 x 10 s hill sprints”\?/],
    ['10-8 km easy', 1, /10-8 km is not a range: the smaller comes first/],
    ['10k @ 4:40-4:00', 7, /4:40-4:00 is not a range: the smaller comes first/],
    ['300-200 m', 1, /300-200 m is not a range: the smaller comes first\.$/],
    ['', 1, /expected/],
    ['0 km easy', 1, /0 km is nothing to run/],
    ['6 x -400 m', 5, /found “-400”/],
    ['200 x 400 m', 1, /100 repetitions are the most/],
    ['4-3 x 400 m', 1, /4-3 is not a range/],
    ['100 x (100 x 1 m)', 1, /10000 pieces are no session/],
  ])('“%s” is refused at column %i', (text, column, why) => {
    const found = readSession(text);
    expect(found.ok).toBe(false);
    expect(!found.ok && found.problem).toMatchObject({
      column,
      message: expect.stringMatching(why) as string,
    });
  });

  it('asks for what is typed whether metres are meant, and reads what is stored', () => {
    const offered = (text: string) => {
      const found = readTyped(text);
      return found.ok ? undefined : found.problem.suggestion;
    };
    expect(offered('6m easy')).toBe('6 mi easy');
    expect(offered('3m wu, 4m tempo, 2m cd')).toBe('3 mi wu, 4 mi tempo, 2 mi cd');
    expect(offered('4 x 1m @ 10k, 400m jog')).toBe('4 x 1 mi @ 10k, 400m jog');
    for (const text of [
      '59 m easy',
      '60 m easy',
      '8 x 10 m uphill',
      '5 x (20 m fast; 20 m walk)',
    ]) {
      expect([text, readTyped(text).ok]).toEqual([text, text !== '59 m easy']);
      expect(readSession(text).ok).toBe(true);
    }
    expect(offered('45m easy')).toBe('45 min easy');
    expect(offered('10 km easy')).toBeUndefined();
  });

  it.each([
    ['20 x 30/30', '20 x 30 s, 30 s jog'],
    ['30/30 x 20', '20 x 30 s, 30 s jog'],
    ['10 x 1/1; 10 min easy', '10 x 1 min, 1 min jog; 10 min easy'],
    ['fartlek: 10 x 1 on 1 off', 'fartlek: 10 x 1 min, 1 min jog'],
    ['8x2on / 1off', '8 x 2 min, 1 min jog'],
    ['20 x 30 on, 30 off', '20 x 30 s, 30 s jog'],
    ['5 x 1000 m r 90', '5 x 1000 m r 90 s'],
    ['6 x 800 r=90', '6 x 800 m r=90 s'],
    ['3 km easy 5 x 1 km @ 5 km', '3 km easy, 5 x 1 km @ 5 km'],
    ['4 km easy 8 tempo 4 easy', '4 km easy, 8 km tempo, 4 km easy'],
    ['10 @ 5:00', '10 km @ 5:00 /km'],
    ['10 x 400/200', '10 x 400 m, 200 m jog'],
    ["2x(8x200/200j)/5'", "2x(8x200 m, 200 m jog)/5'"],
    ['4x(400,800,1200) @ 5k', '4x(400-800-1200 m) @ 5k'],
    ['ladder 200 400 600 800', 'ladder 200-400-600-800 m'],
    ['16x400s @ 5k', '16x400 m @ 5k'],
    ["8 x 400's", '8 x 400 m'],
    [
      'Fartlek 40 min: 10 x 1 min on, 1 min off',
      'Fartlek 40 min including 10 x 1 min on, 1 min off',
    ],
    ['pool run 45 min: 10 x 1 min hard', '45 min pool run: 10 x 1 min hard'],
    ['8 x hill 60 s, jog down', '8 x 60 s uphill, jog down'],
    [
      '3 sets: 5 x 200 m @ mile, 30 s rest; 4 min rest',
      '3 x (5 x 200 m @ mile, 30 s rest), 4 min rest',
    ],
    ['300-200-100 x 3', '3 x (300-200-100 m)'],
    ['3 x 3 x 500 m (1 min/5 min)', '3 x (3 x 500 m, 1 min), 5 min'],
    ['5 x 1000 (3:30) r 90', '5 x 1000 m in 3:30 r 90 s'],
    ['5 x 1 km 3:40, 90 s', '5 x 1 km in 3:40, 90 s'],
    ['10 km HR < 145', '10 km [HR under 145]'],
    ['8 x 20 s strides with full recovery', '8 x 20 s strides [full recovery]'],
    ['10 km easy (5:30)', '10 km easy (5:30 /km)'],
    ['15 easy 20 tempo 15 easy', '15 min easy, 20 min tempo, 15 min easy'],
    ['rest / swim', 'rest [/ swim]'],
    ['1 km, 2 km, 1 km @ 10 km, 2 min jog', '1-2-1 km @ 10 km, 2 min jog'],
    ['3 x 8 min @ LT 90s', '3 x 8 min @ LT, 90s'],
    ['1k, 2k, 1k @ 10k off 2 min', '1-2-1 km @ 10k off 2 min'],
    ["12x400 (72-74) 1' rec", "12x400 m in 72-74, 1' rec"],
    ['12 x 400 m (72), 1 min', '12 x 400 m in 72, 1 min'],
    ['6 x 1 km 10k pace, 90 s', '6 x 1 km @ 10k pace, 90 s'],
    ["5x4' 10k effort/2'", "5x4' @ 10k effort/2'"],
    ["4x10' @ MP 2'", "4x10' @ MP, 2'"],
    ['3mi wu + 6x800 @ 5k (400j) + 2mi cd', '3mi wu + 6x800 m @ 5k (400 m jog) + 2mi cd'],
    ['5 x 1000m at 10K pace (7 total)', '7 km with 5 x 1000m at 10K pace'],
    ['4 mile tempo (8 mi total)', '8 mi with 4 mile tempo'],
    ['2 WU, 4x800 @ 10K, 2 CD', '2 km WU, 4x800 m @ 10K, 2 km CD'],
    ['10 min WU, 4x800 @ 10K, 10 CD', '10 min WU, 4x800 m @ 10K, 10 min CD'],
    ['WU/CD + 5x1k', 'WU; 5x1k; CD'],
    ['5 x 1 km + WU/CD', 'WU; 5 x 1 km; CD'],
    ["8 x 1000m rec 2'", "8 x 1000m, 2'"],
    ["8 x 1000 @ 5k rec: 2'", "8 x 1000 m @ 5k, 2'"],
    ['10 mi w/ 2 x 3 mi @ MP (1 mi easy)', '10 mi w/ 2 x 3 mi @ MP, 1 mi easy'],
    ["6x1000 @ 10k - 1'30", '6x1000 m @ 10k, 1:30'],
    ['12 km progression: 4 easy 4 steady 4 tempo', '4 km easy, 4 km steady, 4 km tempo'],
    [
      'over/under 6 x (2 min @ one-hour, 1 min @ steady)',
      'over-under: 6 x (2 min @ one-hour, 1 min @ steady)',
    ],
    ['6 km easy or rest', '6 km easy [or rest]'],
    ['60 min easy bike', '60 min bike easy'],
    ['spin 45 min', 'bike 45 min'],
    ['3 x (1k, 600, 400) r 2 R 4', '3 x (1000-600-400 m, 2 min rest), 4 min rest'],
    ['3 x (5 x 300) r60 R3', '3 x (5 x 300 m, 60 s rest), 3 min rest'],
    ['3 sets of 1k, 600, 400', '3 x (1000-600-400 m)'],
    ['1.2k, 800, 400 @ 5k', '1200-800-400 m @ 5k'],
    ['400, 300, 200 r 90', '400-300-200 m r 90 s'],
    ['2E + 4T + 2E', '2 km E; 4 km T; 2 km E'],
    ['5km @ MP - 5km @ HMP', '5km @ MP; 5km @ HMP'],
    ['5 x 1k @ 5k 2k cd', '5 x 1k @ 5k, 2k cd'],
    ['2k w/up 5 x 1k 2k w/d', '2k w/up, 5 x 1k, 2k w/d'],
    ['3 miles 4 x 800 3 miles', '3 miles, 4 x 800 m, 3 miles'],
    ['15 wu, 4 x 1k, 10 cd', '15 min wu, 4 x 1k, 10 min cd'],
    ['wu 15, 4 x 1k, cd 10', 'wu 15 min, 4 x 1k, cd 10 min'],
    ['wu 3, 4 x 1k, cd 2', 'wu 3 km, 4 x 1k, cd 2 km'],
    ['8 hills of 60 s', '8 x 60 s uphill'],
    ['400s x 10 @ 5k, 60s', '10 x 400 m @ 5k, 60s'],
    ['10x(1min on/1min off)', '10x1min on, 1min off'],
    ['sprints x 6', '6 x 10 s sprints'],
    ['8 sprints', '8 x 10 s sprints'],
    ['fartlek 40', 'fartlek 40 min'],
    ['40 fartlek', '40 min fartlek'],
    ['fartlek 8', 'fartlek 8 km'],
    ['1k/2k/3k/2k/1k @ threshold, 2min jog', '1-2-3-2-1 km @ threshold, 2min jog'],
    ['3x3k @ MP w 1k float', '3x3k @ MP, 1k float'],
    ['3 x (4 x 400m) @ 3k, 60s / 3min', '3 x (4 x 400m @ 3k, 60s), 3min'],
    ['16x200 r200', '16x200 m, 200 m jog'],
    ['5 x 1 mile (90s) @ T', '5 x 1 mile @ T, 90s'],
    ['6-8 x hill (60s), jog down', '6-8 x 60s uphill, jog down'],
    ['3k + 8 x 400 (75s) off 200 jog + 2k', '3k + 8 x 400 m in 75 off 200 m jog; 2k'],
    ['400/300/200/100 x 3', '3 x (400-300-200-100 m)'],
    ['4 mile tempo with 2 mile w/u and c/d', '2 mile w/u; 4 mile tempo; 2 mile c/d'],
    ['cruise 800s x 8', 'cruise 8 x 800 m'],
    ['8 x (1k @ MP, 1k @ MP+20)', '8 x (1k @ MP, 1k @ MP + 20 s)'],
    ['5 x 6 min (3 @ 10k, 3 @ 5k), 2 min', '5 x (3 min @ 10k; 3 min @ 5k), 2 min'],
    ['6M inc 6x200 r200', '6 mi inc 6x200 m, 200 m jog'],
    ['4 or XT', '4 km [or XT]'],
    ['4M + 4 strides', '4 mi + 4 x 100 m strides'],
    ['run/walk 30 min', '30 min easy [run/walk]'],
    ['8 x (1k @ MP / 1k @ MP+20)', '8 x (1k @ MP, 1k @ MP + 20 s)'],
    ['alternating 1k @ MP / 1k @ MP+20 x 8', '8 x (1k @ MP, 1k @ MP + 20 s)'],
    ['1k @ MP+20 x 5', '5 x 1k @ MP + 20 s'],
    ['8 x alternating 1k @ MP, 1k @ steady', '8 x (1k @ MP, 1k @ steady)'],
    ['8 x 1k alternating MP / steady', '4 x (1k @ MP, 1k @ steady)'],
    ['3 x (600, 400, 200) 90s / 4min', '3 x (600-400-200 m, 90s), 4min'],
    // 110 s/km over 2 km; 5:30 for two miles 103, 2:13 for a kilometre 133.
    ['4 x 2k @ 3:40 (90s)', '4 x 2k @ 3:40 /km (90s)'],
    [
      '2 km wu; 3 x (2 mi @ 5:30-5:40, 90 s); 2 km cd',
      '2 km wu; 3 x (2 mi @ 5:30-5:40 /mi, 90 s); 2 km cd',
    ],
    ['4 x 2 km @ 3:40; 4 x 400 m @ 1:20', '4 x 2 km @ 3:40 /km; 4 x 400 m @ 1:20'],
    ['2 km @ 4:00', '2 km @ 4:00 /km'],
    ['4 x 2 km in 3:40, 90 s', '4 x 2 km @ 3:40 /km, 90 s'],
    ['5 x 1 km @ 2:13, 3 min', '5 x 1 km @ 2:13, 3 min'],
    ['3 x 3 km @ 10:30, 3 min', '3 x 3 km @ 10:30, 3 min'],
    ['3 x (1 km @ 5k, 90 s), 3 min', '3 x (1 km @ 5k, 90 s rest), 3 min'],
    ['5 x (400 m @ mile, 60 s, 200 m, 3:00)', '5 x (400 m @ mile, 60 s rest, 200 m, 3:00)'],
    ['4 x (1 min, 2 min, 3 min)', '4 x (1 min, 2 min, 3 min)'],
    ['3 x (4 x 400 m @ 5k, 60 s), 3 min', '3 x (4 x 400 m @ 5k, 60 s), 3 min'],
    ['6 km @ MP-10', '6 km @ MP - 10 s'],
    ['4x4x400 @ 3k r60 R4', '4x(4x400 m @ 3k, 60 s rest), 4 min rest'],
    ['10k tempo w 2k wu/cd', '2k wu; 10k tempo; 2k cd'],
    ['off or 5 easy', '5 km easy [or off]'],
    ["2k wu, 3 x 2k @ HM w 3' jog, 2k cd", "2k wu, 3 x 2k @ HM, 3' jog, 2k cd"],
    ['shakeout 20 + 4 strides', 'shakeout 20 min + 4 x 100 m strides'],
    ['20 shake-out', '20 min shake-out'],
    ['shakeout 4', 'shakeout 4 km'],
    ['3x(800/400) @ 5k/3k', '3x(800 m @ 5k, 400 m @ 3k)'],
    ['3x(1k/500) @ HM/5k, 2 min', '3x(1k @ HM, 500 m @ 5k), 2 min'],
    ['3x(800/400)', '3x(800 m, 400 m)'],
    ['2k, 1k, 2k, 1k @ HM/10k', '2k @ HM, 1k @ 10k, 2k @ HM, 1k @ 10k'],
    ['2x(6x400) 60"/3\' @ 3k', '2x(6x400 m @ 3k, 60"), 3\''],
    ['8 x 400 in 80 w/ 200 jog in 90', '8 x 400 m in 80 w/ 200 m jog [in 90]'],
    ["5x3'H/2'E", "5x3' hard, 2' easy"],
    ['1200 800 400 x2 @ 5k', '2 x (1200-800-400 m) @ 5k'],
    ['5-4-3-2-1 x 2', '2 x (5-4-3-2-1 min)'],
    ['30/20/10 x 5', '5 x (30-20-10 s)'],
    ['5 sets of 30-20-10', '5 x (30-20-10 s)'],
    ['mile repeats 4 @ 10k', '4 x mile @ 10k'],
    ['4 x 1 mi repeats @ 10k', '4 x 1 mi @ 10k'],
    ['10k progressive 4:40-4:00', '10k @ 4:40 to 4:00 /km'],
    ['10 miles progression 7:30 to 6:30', '10 miles @ 7:30 to 6:30 /mi'],
    ['10k @ 4:40 to 4:00', '10k @ 4:40 to 4:00 /km'],
    ['6 x 1k @ 3:40-3:30, 90s', '6 x 1k @ 3:30-3:40, 90s'],
    ["3 x 10' @ 160-150 bpm", "3 x 10' @ 150-160 bpm"],
    ['10 km @ 85-80%', '10 km @ 80-85%'],
    ['4-3 x 400 m', '3-4 x 400 m'],
    ['8k easy 5:30-6:00', '8k easy @ 5:30-6:00 /km'],
    ['8k easy 5:30/km', '8k easy @ 5:30 /km'],
    ['2 km wu, 8k 4:10-4:15, 2 km cd', '2 km wu, 8k @ 4:10-4:15 /km, 2 km cd'],
    ['20 min 4:00-4:10', '20 min @ 4:00-4:10 /km'],
    ['5 miles 9 min pace', '5 miles @ 9:00 /mi'],
    ['5k race 17:30', '5k in 17:30 [race]'],
    ['3 x 2k @ 3.40', '3 x 2k @ 3:40 /km'],
    ['5 x 1k 3.40', '5 x 1k in 3:40'],
    ['10 km easy, RPE 4', '10 km @ RPE 4 [easy]'],
    ["45' RPE 3", "45' @ RPE 3"],
    ['10 km easy HR 140-150', '10 km easy @ 140-150 bpm'],
    ['10 km easy 140-150 bpm', '10 km easy @ 140-150 bpm'],
    ['E8', '8 km E'],
    ['VO2max 5x1k, 3 min', '5x1k, 3 min [VO2max]'],
    ['2 wu, 20 min T, 2 cd', '2 km wu, 20 min T, 2 km cd'],
    ['15 wu, 20 tempo, 5 cd', '15 min wu, 20 min tempo, 5 min cd'],
    ['2k wu, 20 tempo, 10 cd', '2k wu, 20 min tempo, 10 min cd'],
    ['2 up, 6x800 @ 5k r 90s, 2 down', '2 km wu, 6x800 m @ 5k r 90s, 2 km cd'],
    ["2 wu / 5 x 1k @10k r2' / 2 cd", "2 km wu; 5 x 1k @10k r2'; 2 km cd"],
    ['3 + 6x45s hills + 2', '3 km + 6x45s hills + 2 km'],
    [
      '12 x 400 @ 5k pace, 60 secs jog (2k w/up, 2k c/down)',
      '2k w/up; 12 x 400 m @ 5k pace, 60 secs jog; 2k c/down',
    ],
    ['10k @ HM effort + 3 up/down', '3 km wu; 10k @ HM effort; 3 km cd'],
    ['28 - last 8 @ M', '28 km, last 8 @ M'],
    ['8 x hill sprints in 10k', '10k with 8 x 10 s hill sprints'],
    ['4k @ MP in 8k', '8k with 4k @ MP'],
    ['3 x 3k @ MP-5 (1k float)', '3 x 3k @ MP - 5 s, 1k float'],
    ['club - 8x300 r100', 'club; 8x300 m, 100 m jog'],
    ['tempo - 20 min', 'tempo 20 min'],
    ['hills 6x20s in 5k', '5k with 6x20s uphill'],
    ['85 mins inc last 15 @ steady', '85 mins, last 15 @ steady'],
    ['25 min continuous tempo, 10 min cd', '25 min tempo [continuous], 10 min cd'],
    ['2E + 2x2T w/2min + 2E', '2 km E + 2x2 km T w/2min; 2 km E'],
    ['5E + 6st', '5 km E + 6 x 100 m strides'],
    ['6 x 400m fast, 200m jog recoveries', '6 x 400m fast, 200m jog'],
    ['2 x 4 x 400m @ 1500, 60s/5min', '2 x (4 x 400m @ 1500, 60s), 5min'],
    ['an easy hour', '60 min easy'],
    ['steady for half an hour', '30 min steady'],
    ['hour run', '60 min'],
  ])('offers for “%s” what may be meant: %s', (text, meant) => {
    const found = readTyped(text, 'km');
    expect(found.ok ? text : found.problem.suggestion).toBe(meant);
  });

  it('knows a race or a time trial that stands alone, and its distance', () => {
    for (const text of ['10k race', 'race: 10 km', 'Race 10k', '10 km tune-up race (Gullstone)']) {
      expect(racedAlone(text)).toEqual({ distance: 10_000, isTest: false });
    }
    for (const text of ['TT 3k', '3 km time trial', '3k test', 'time trial: 3 km (track)']) {
      expect(racedAlone(text)).toEqual({ distance: 3000, isTest: true });
    }
    expect(racedAlone('HM race')?.distance).toBe(21_097.5);
    for (const text of ['race', '10 km', '10 km @ race pace', '16 km with 10k race', 'race week']) {
      expect(racedAlone(text)).toBeUndefined();
    }
  });

  it('offers nothing for more than a line', () => {
    const found = readSession('6 x 400, '.repeat(50));
    expect(found).toMatchObject({ ok: false, problem: { column: 5 } });
    expect(!found.ok && found.problem.suggestion).toBeUndefined();
  });

  it('refuses ten thousand characters without reading them', () => {
    expect(readSession('easy; '.repeat(2000))).toMatchObject({ ok: false });
  });
});

describe('a session laid out', () => {
  // 40:30 for 10 km: 243 s/km; easy 337.1, recovery 374.6 on this block.
  const jog = paces.jog;

  it('hand-worked: 6 × 1000 m at 10 km pace, 90 s jog: five recoveries, one fewer', () => {
    const found = lay('6 x 1000 m @ 10k, 90 s jog');
    expect(found.stretches).toHaveLength(11);
    expect(found.hardDistance).toBe(6000);
    expect(found.hardTime).toBeCloseTo(6 * 243, 6);
    expect(found.time).toBeCloseTo(6 * 243 + 5 * 90, 6);
    expect(found.distance).toBeCloseTo(6000 + (5 * 90_000) / jog, 6);
  });

  it('nests: 2 × (4 × 400 m, 60 s jog), 3 min jog has 3 + 3 + 1 recoveries', () => {
    const found = lay('2 x (4 x 400 m @ 5 km, 60 s jog), 3 min jog');
    expect(found.stretches.filter(({ words }) => words.endsWith('jog'))).toHaveLength(7);
    expect(found.hardDistance).toBe(3200);
  });

  it('runs a range of repetitions to its least or its most', () => {
    expect(lay('3-4 x 1 km @ 5 km', 'least').hardDistance).toBe(3000);
    expect(lay('3-4 x 1 km @ 5 km').hardDistance).toBe(4000);
  });

  it('walks back, stands, and jogs as long as it ran', () => {
    expect(lay('2 x 400 m @ 5 km, walk back').stretches[1]).toMatchObject({
      distance: 0,
      time: 240,
      pace: undefined,
    });
    expect(lay('2 x 400 m @ 5 km, 60 s standing').stretches[1]).toMatchObject({ time: 60 });
    const equal = lay('2 x 400 m @ 4:00 /km, equal jog').stretches[1];
    expect(equal?.time).toBeCloseTo(96, 6);
  });

  it('quickens in even steps, and knows a surge from the rest of a run', () => {
    const steps = lay('8 km @ 10 km + 60 s/km to 10 km in 4 steps').stretches;
    expect(steps.map(({ pace }) => pace)).toEqual([303, 283, 263, 243]);
    expect(steps.every(({ distance }) => distance === 2000)).toBe(true);
    const surged = lay('12 km easy, km 3 and 4 marathon');
    expect(surged.distance).toBeCloseTo(12_000, 6);
    expect(surged.hardDistance).toBe(2000);
  });

  it('says of every piece of a run how long it is', () => {
    const words = (text: string) => lay(text).stretches.map((each) => each.words);
    expect(words('20 km including 12 km marathon')).toEqual(['4 km', '12 km marathon', '4 km']);
    expect(words('32 km easy, last 14 km marathon')).toEqual(['18 km easy', 'last 14 km marathon']);
    expect(words('50 min easy, 20 min in the middle steady')).toEqual([
      '15 min easy',
      'middle 20 min steady',
      '15 min easy',
    ]);
    expect(words('8-10 km easy, last 2 km marathon')[0]).toBe('7 km easy');
  });

  it('counts miles, clocks and paces of the coach’s own telling', () => {
    expect(lay('1 mi @ 6:00 /mi').time).toBeCloseTo(360, 6);
    expect(lay('20 min @ 4:00 /km').distance).toBeCloseTo(5000, 6);
    expect(lay('3 x 2:00 @ 4:00 /km').distance).toBeCloseTo(1500, 6);
  });

  it('does not count strides as hard, nor drills at all, and says which pace it does not know', () => {
    expect(lay('drills; 5 x 100 m strides')).toMatchObject({ hardDistance: 0, distance: 500 });
    expect(lay('5 km @ breezy').unknown).toEqual(['breezy']);
  });

  it('knows every pace of the product by its name', () => {
    for (const { name, id } of defaultPaces) {
      const asked = name.replace(/ \(.*/, '');
      expect(paces.find(asked)?.id).toBe(id);
    }
  });
});
