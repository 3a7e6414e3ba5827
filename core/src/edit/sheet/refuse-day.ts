import { type Measure, shownUnit } from '../../base/index.js';
import { formatPlain } from '../../base/format/index.js';
import { metresOf, type Part } from '../../sessions/index.js';
import { dayRoleWords, type PatternRole } from '../../spec/days/index.js';
import type { DayEntry, ReadCell } from './day-entry.js';
import { saidOtherwise } from './said-otherwise.js';

type Refused = ReadCell<DayEntry> & { ok: false };

/** What leaves open what is to be run: `rest or 5 easy`, `~10 km`, two runs with a session; undefined of anything else. */
export function refuseLoose(typed: string, measure: Measure): Refused | undefined {
  if (!WORD.test(typed)) return idle(typed);
  if (REPS_ALONE.test(typed)) {
    const problem = `“${typed}” does not say how often it is run. Write the repetitions with it, such as 8 x ${typed.slice(0, -1)} m.`;
    return { ok: false, problem };
  }
  const { run } = RUN_OR_REST.map((way) => way.exec(typed)?.groups).find(Boolean) ?? {};
  if (run !== undefined) {
    const problem = `“${typed}”: a day is a run or a rest. Write the run, and in brackets that it may be left out.`;
    return { ok: false, problem, suggestion: `${run.trim()} [or rest]` };
  }
  if (RESTS.test(typed)) return refuseRest(typed);
  if (TWO_PARTS.test(typed) && saidOtherwise(typed, measure) === undefined) {
    const problem = `“${typed}”: two runs are written by their lengths, such as 6+10, or as a session and an easy run or two sessions: am 5, pm 6 x 800 m.`;
    return { ok: false, problem };
  }
  if (!HEDGED.test(typed)) return undefined;
  const problem = `“${typed}”: a day holds one figure, or a range such as 10-12.`;
  return { ok: false, problem, suggestion: typed.replace(HEDGES, '').trim() };
}

/** `8 rest`, `rest (travel)`. */
export function refuseRest(typed: string): Refused {
  const problem = `“${typed}”: a rest day holds nothing else. Write “rest”, or what is run.`;
  return { ok: false, problem, suggestion: 'rest' };
}

/** `?` and `"` say nothing. */
const WORD = /[\p{L}\d]/u;

/** `400s`: repetitions of so many metres, and no run of so many seconds. */
const REPS_ALONE = /^[1-9]\d{2,3}s$/i;

/** `rest or 5 easy`, `5 easy or off`. */
const RUN_OR_REST = [/^(?:rest|off) or (?<run>.*\d.*)$/i, /^(?<run>.*\d.*) or (?:rest|off)$/i];

/** `rest (travel)`, `off - holiday`, `rest or swim`. */
const RESTS = /^(?:rest(?: day)?|(?:day )?off) ?(?:[-–—:,/(]|or\b)/i;

/** `AM 4 easy, PM 6 x 1 km`. */
const TWO_PARTS = /\bam\b.*\bpm\b/i;

/** `~10 km`, `up to 10`, `10 km +`, `10ish`. */
const HEDGED =
  /^(?:[~≈<>≤≥]|(?:approx|about|around|circa|ca|c|max|min|up to)\b\.?) ?\d|\d[^+%]*(?: ?\+| max| or so|ish)$/i;
const HEDGES =
  /^(?:[~≈<>≤≥]|(?:approx|about|around|circa|ca|c|max|min|up to)\b\.?)|(?:\+|max|or so|ish)$/gi;

/** `easy 45` in a table of kilometres: minutes, most likely. */
export function refuseEndless(
  typed: string,
  role: PatternRole,
  amount: number,
  measure: Measure,
): Refused | undefined {
  const endless = ENDLESS.get(role);
  if (measure.basis === 'time' || endless === undefined || amount < endless.metres) {
    return undefined;
  }
  const minutes = `${Math.round(amount / shownUnit(measure))} min ${dayRoleWords[role]}`;
  const problem = `“${typed}” would be ${formatPlain(amount, measure)} ${endless.on}. Did you mean “${minutes}”? Else write the unit with it.`;
  return { ok: false, problem, suggestion: minutes };
}

const easyDay = { metres: 30_000, on: 'on an easy day' };
/** Metres that nobody means by a figure alone, by the role of the day. */
const ENDLESS: ReadonlyMap<PatternRole, { metres: number; on: string }> = new Map([
  ...(['easy', 'short-easy', 'recovery'] as const).map((role) => [role, easyDay] as const),
  ['long', { metres: 75_000, on: 'in a long run' }],
]);

/** `75` in a table of kilometres, on any day but the long run’s: minutes, most likely. */
export function refuseFarther(
  typed: string,
  amount: number,
  measure: Measure,
): Refused | undefined {
  if (measure.basis === 'time' || amount < FARTHER) return undefined;
  return inMinutes(typed, formatPlain(amount, measure));
}

/** Metres that nobody means by a figure alone. */
const FARTHER = 42_000;

/** `tempo 20`, `fartlek 45` in a table of kilometres: a figure alone that is farther than anyone runs so. */
export function refuseFarSession(
  typed: string,
  parts: readonly Part[],
  { measure, isLong = false }: { measure: Measure; isLong: boolean | undefined },
): Refused | undefined {
  const [part] = parts;
  const metres = part?.kind === 'run' ? (metresOf(part.piece.amount) ?? 0) : 0;
  const farthest =
    FARTHEST.find(([words]) => words.test(typed))?.[1] ?? (isLong ? Infinity : FARTHER);
  if (measure.basis === 'time' || parts.length !== 1 || metres < farthest) return undefined;
  return inMinutes(typed, formatPlain(metres, measure));
}

/** Metres that nobody means by a figure of theirs alone: an hour and more at a tempo. */
const FARTHEST: readonly (readonly [RegExp, number])[] = [
  [/tempo|threshold/i, 17_000],
  [/fartlek/i, 25_000],
  [/shake-?out/i, 8000],
];

function inMinutes(typed: string, far: string): Refused {
  const minutes = typed.replace(/\d+(?:[.,]\d+)?(?: ?[-–] ?\d+)?/, '$& min');
  const problem = `“${typed}” would be ${far}. Did you mean “${minutes}”? Else write the unit with it.`;
  return { ok: false, problem, suggestion: minutes };
}

/** Words alone say nothing of what is run: `HM`, `fartlek`, `travel`. */
export function refuseIdle(typed: string, parts: readonly Part[]): Refused | undefined {
  const isIdle = parts.every((part) => part.kind === 'words' && !part.amount);
  return isIdle ? idle(typed) : undefined;
}

function idle(typed: string): Refused {
  const problem = `“${typed}” does not say how much is run. Write a distance or a time with it, or “rest”. Races, illness and travel stand under “Races & days away”.`;
  return { ok: false, problem, suggestion: RESTED.test(typed) ? 'rest' : undefined };
}

/** Why nothing is run. */
const RESTED = /^(?:physio|massage|travel(?:ling)?|flight|sick|ill|illness|injured|holiday|away)$/i;
