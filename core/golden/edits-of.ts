import { addDays, type CivilDate, type Measure } from '../src/base/index.js';
import {
  addEvent,
  changeEvent,
  copyShape,
  dropWeek,
  edgeRange,
  followingBlock,
  freeWeeks,
  fromTemplate,
  insertWeek,
  movePeak,
  movePhaseEdge,
  partsOf,
  pinWeek,
  removeEvent,
  scaleWeeks,
  setTaperDepth,
  shiftWeeks,
  type Template,
  templateDays,
  templateEvents,
  toggleRecovery,
  unpinWeek,
  waiveAll,
  withoutParts,
} from '../src/edit/index.js';
import { moveRace, openAnswers } from '../src/edit/answers/index.js';
import {
  choosePaceAim,
  repace,
  takeBackRepacing,
  toggleDistance,
} from '../src/edit/paces/index.js';
import { dayText, readWeekday, writeCells, writeDay } from '../src/edit/sheet/index.js';
import { allowingRules } from '../src/edit/fixes/index.js';
import * as hands from '../src/edit/week/index.js';
import { type CheckedBlock, fixesOf } from '../src/index.js';
import { rulesOf } from '../src/rules/index.js';
import type { BlockEvent } from '../src/spec/days/index.js';
import type { BlockSpec } from '../src/spec/index.js';

/** What a hand does to a block, by a name that tells it from every other. */
export type Edits = Record<string, () => unknown>;

/** Fixes are tried out one by one. */
const MOST_MENDED = 14;

/** Roles that a coach gives a day. */
const ROLES = [
  'rest',
  'easy',
  'short-easy',
  'recovery',
  'semi-long',
  'quality',
  'long',
  'cross-train',
] as const;
/** What coaches write in a day, in one way and another. */
const TEXTS = [
  '',
  '8',
  '10,5',
  '6+5',
  '50 min',
  'rest',
  'L 18',
  'easy 9',
  '6 x 800 m @ 5 km, 2 min jog',
  '3 km easy; 20 min one-hour; 2 km easy',
  '8 + strides',
  'bike 45 min',
  'strength 30',
  'half past nine',
];

/** How a block is looked at, and on which day. */
interface On {
  asOf?: CivilDate | undefined;
  shown: Measure;
}

/** Every hand of a coach on a block, on some of its weeks and days. */
export function editsOf(block: CheckedBlock, on: On): Edits {
  const { shown: measure } = on;
  const { length } = block.weeks;
  const numbers = [1, Math.ceil(length / 2), length - 1, length].filter((week) => week > 0);
  const weeks = [...new Set(numbers)];
  const [, middle = 1] = weeks;
  const days = [middle, length].flatMap((week) => block.weeks[week - 1]?.days ?? []);
  return {
    ...onTheBlock(block),
    ...onPhases(block),
    ...onEvents(block),
    ...onPatterns(block, measure),
    ...joined(weeks.map((week) => onAWeek(block, week, measure))),
    ...joined(days.map(({ date }) => onADay(block, date, measure))),
    ...inTheSheet(block, middle, measure),
    ...mending(block, on),
  };
}

function onTheBlock(block: CheckedBlock): Edits {
  const { spec, findings } = block;
  const { start, race } = spec;
  const template = templateOf(block);
  const given: BlockSpec = {
    athlete: { recentWeeks: [40_000, 42_000], results: spec.athlete.results },
    race: { name: 'Next', date: addDays(race.date, 70), distance: 10_000 },
  };
  const onto = (days: number) => ({
    ...{ date: addDays(race.date, days), today: start, takesDays: true },
  });
  return {
    'follow by a half': () => followingBlock(block, { name: 'Next', distance: 21_097.5 }),
    'race a week later': () => moveRace(spec, block, onto(7)),
    'race three weeks sooner': () => moveRace(spec, block, onto(-21)),
    'open answers': () => openAnswers(spec),
    'waive all': () => waiveAll(block, findings, 'Talked over.'),
    'taper by a half': () => setTaperDepth(block, 0.5),
    template: () => template,
    'parts of it': () => partsOf(template),
    'without days': () => withoutParts(template, ['days', 'weeks']),
    'template on another': () => fromTemplate(template, given),
    'repace in the middle': () => repace(block, addDays(start, 30)),
    'take a repacing back': () => takeBackRepacing(block, spec.paces.repaced[0] ?? start),
    'aim at the goal': () => choosePaceAim(block, 'goal'),
    'show 10 km': () => toggleDistance(block, 10_000),
  };
}

function templateOf({ spec }: CheckedBlock): Template {
  const { athlete, race, start: _, waivers: __, paces: ___, houseRules: ____, ...shape } = spec;
  const days = templateDays(spec);
  const events = templateEvents(spec);
  const { basis } = athlete;
  return { ...shape, days, events, basis, distance: race.distance };
}

function onPhases(block: CheckedBlock): Edits {
  const each = block.phases.slice(1).flatMap((_, at): [string, () => unknown][] => {
    const { least, most } = edgeRange(block, at);
    return [least - 1, least, most, most + 1].map((week) => [
      `edge ${at} to ${week}`,
      () => movePhaseEdge(block, at, week),
    ]);
  });
  return Object.fromEntries(each);
}

function onEvents(block: CheckedBlock): Edits {
  const { start, events } = block.spec;
  const race: BlockEvent = {
    kind: 'tune-up-race',
    name: 'Ostrel 10',
    from: addDays(start, 20),
    distance: 10_000,
  };
  const away: BlockEvent = { kind: 'away', name: 'Away', from: start, to: addDays(start, 2) };
  return {
    'race on the way': () => addEvent(block, race),
    'days away': () => addEvent(block, away),
    ...(events.length > 0 && {
      'first event a race': () => changeEvent(block, 0, race),
      'first event gone': () => removeEvent(block, 0),
    }),
  };
}

function onPatterns(block: CheckedBlock, measure: Measure): Edits {
  const { spec } = block;
  const tuesday = { weekday: 'tuesday', role: 'easy', amount: 3000 } as const;
  const places: hands.Place[] = ['tuesday', 1, 2];
  const [family] = hands
    .rotationGrid(block, places)
    .flatMap((row) => row.flatMap((cell) => cell.family ?? []));
  const named = hands.weekPatternNames.flatMap((name): [string, () => unknown][] => [
    [`pattern ${name}`, () => hands.choosePattern(block, name)],
    [`pattern ${name} in base`, () => hands.choosePattern(block, name, 'foundation')],
  ]);
  return {
    ...Object.fromEntries(named),
    'no pattern': () => hands.dropPattern(block),
    'cycle begins with rest': () => hands.setCycleRole(block, 0, 'rest'),
    'grid of rotations': () => hands.rotationGrid(block, places),
    'Tuesdays fixed': () => hands.fixWeekday(block, tuesday, measure),
    'Tuesdays free': () => hands.freeWeekday(block, tuesday),
    'Tuesdays in words': () => hands.ruleWords(tuesday, measure, spec.paces.table),
    ...(family && {
      'family of its phase': () => hands.assignFamily(block, 'foundation', 1, family),
      'in turn on Tuesdays': () => hands.setRotation(block, 'tuesday', [family, undefined]),
      'no turn on Tuesdays': () => hands.setRotation(block, 'tuesday', []),
      'once on the first hard day': () => hands.setTurn(block, { on: 1, week: 2 }, family),
    }),
    ...Object.fromEntries(
      TEXTS.map((text) => [
        `Thursdays “${text}”`,
        () => readWeekday(block, 'thursday', text, measure),
      ]),
    ),
  };
}

function onAWeek(block: CheckedBlock, week: number, measure: Measure): Edits {
  const { days = [], volume = 0 } = block.weeks[week - 1] ?? {};
  const dates = days.map(({ date }) => date);
  const { rules, from } = { rules: rulesOf(block.spec), from: dates[0] ?? block.spec.start };
  const shut = (...at: number[]) => new Set(at.flatMap((place) => dates[place] ?? []));
  const arranged = (...at: number[]) =>
    hands
      .arrangeAround({ block, rules }, week, { from, blocked: shut(...at) })
      .map(({ words, command, days: laid }) => [words, command, laid]);
  const edits: Edits = {
    volume: () => pinWeek(block, { week, field: 'volume' }, 0.9 * volume, measure),
    'long run': () => pinWeek(block, { week, field: 'longRun' }, 0.3 * volume, measure),
    'no volume': () => unpinWeek(block, week, 'volume'),
    recovery: () => toggleRecovery(block, [week]),
    'a tenth more': () => scaleWeeks(block, [week, week + 1], 1.1),
    'shape to the next': () => copyShape(block, [week], week + 1),
    'one later': () => shiftWeeks(block, [week], 1),
    'one sooner': () => shiftWeeks(block, [week], -1),
    free: () => freeWeeks(block, [week], new Set()),
    'free but for a day': () => freeWeeks(block, [week], shut(0)),
    'another before': () => insertWeek(block, week),
    gone: () => dropWeek(block, week),
    peak: () => movePeak(block, week),
    'days to the next': () => hands.carryDays(block, week, [week + 1], 'as-they-are'),
    'days to the next, scaled': () => hands.carryDays(block, week, [week + 1, week + 2], 'scaled'),
    'lengths kept': () => hands.keepLengths(block, week),
    'no Monday and Tuesday': () => arranged(0, 1),
    'no Sunday': () => arranged(6),
    'hardly a day': () => arranged(0, 2, 3, 5),
  };
  return under(`week ${week}`, edits);
}

function onADay(block: CheckedBlock, date: CivilDate, measure: Measure): Edits {
  const text = '2 km easy; 5 x 3 min @ 5 km, 2 min jog';
  const edits: Edits = {
    'a day on': () => hands.moveDay(block, date, addDays(date, 1)),
    'three days back': () => hands.moveDay(block, date, addDays(date, -3)),
    again: () => hands.copyOn(block, date),
    longer: () => hands.lengthenDay(block, date, { shown: 8, by: 2 }, measure),
    shorter: () => hands.lengthenDay(block, date, { shown: 8, by: -1 }, measure),
    'of 8000': () => hands.pinDay(block, date, 8000, measure),
    'rest moved here': () => hands.moveRest(block, date),
    session: () => hands.writeSession(block, date, text, false),
    'session from here on': () => hands.writeSession(block, date, text, true),
    'no session': () => hands.writeSession(block, date, undefined, false),
    'on the bike': () => hands.swapForCross(block, date, 'bike', 'soreness'),
    'run after all': () => hands.swapBack(block, date),
    'run twice': () => hands.setBeside(block, date, { double: true }),
    'with strides': () => hands.setBeside(block, date, { addOn: 'strides' }),
    free: () => hands.freeDay(block, date),
    ...Object.fromEntries(ROLES.map((role) => [role, () => hands.setDayRole(block, date, role)])),
    ...Object.fromEntries(
      TEXTS.map((typed) => [`“${typed}”`, () => writeDay(block, date, typed, measure)]),
    ),
  };
  return under(date, edits);
}

/** A week that is typed over with what it holds, with what it does not, and the volume giving way. */
function inTheSheet(block: CheckedBlock, week: number, measure: Measure): Edits {
  const days = block.weeks[week - 1]?.days ?? [];
  const same = days.map(({ date, ...day }) => ({
    cell: { kind: 'day', date } as const,
    text: dayText(block.spec, { date, ...day }, Math.round(day.distance / 1000), measure),
  }));
  const other = days.map(({ date }, at) => ({
    cell: { kind: 'day', date } as const,
    text: TEXTS[at + 1] ?? '',
  }));
  const figures = ['44', '1x', '', '-3'].flatMap((text) =>
    (['volume', 'longRun'] as const).map((kind) => ({ cell: { kind, week }, text })),
  );
  return {
    'the week as it is': () => [same.map(({ text }) => text), writeCells(block, same, measure)],
    'the week otherwise': () => writeCells(block, other, measure),
    'its volume gives way': () => writeCells(block, other, measure, { givesWay: 'volume' }),
    'half of it is over': () =>
      writeCells(block, other, measure, {
        over: new Set(days.slice(0, 4).map(({ date }) => date)),
      }),
    'its figures': () => figures.map((one) => writeCells(block, [one], measure)),
    'figures and days': () => writeCells(block, [...figures.slice(0, 2), ...other], measure),
  };
}

function under(head: string, edits: Edits): Edits {
  return Object.fromEntries(
    Object.entries(edits).map(([name, edit]) => [`${head}: ${name}`, edit]),
  );
}

/** The first findings, each with its fixes, and the rules that would allow them all. */
function mending(block: CheckedBlock, on: On): Edits {
  const { findings } = block;
  const some = findings
    .slice(0, MOST_MENDED)
    .map((finding): [string, () => unknown] => [
      `mend ${finding.check} ${finding.weeks.join(' ')}`,
      () => fixesOf(block, finding, on),
    ]);
  const context = { block, rules: rulesOf(block.spec), today: on.asOf };
  return {
    ...Object.fromEntries(some),
    'allow what is found': () => {
      const { allowing, change, left } = allowingRules(context, findings);
      return [allowing.map(({ rule, ...each }) => [rule.path, each]), change, left.length];
    },
  };
}

function joined(all: readonly Edits[]): Edits {
  return Object.fromEntries(all.flatMap((edits) => Object.entries(edits)));
}
