import type { Day } from '../block/day.js';
import type { PhaseKind, Progression } from '../../spec/choices/index.js';
import { type CivilDate, differenceInDays } from '../../base/index.js';
import {
  halved,
  mainParts,
  type Part,
  runAsOnce,
  scaled,
  sessionOf,
  type SessionPaces,
  type SessionTotals,
  sessionTotals,
} from '../../sessions/index.js';
import {
  exposuresIn,
  firstExposure,
  mainSetOf,
  nextExposure,
  wholeSet,
} from '../../sessions/library/index.js';
import type { Context } from '../context/context.js';
import { type Chosen, Rota } from '../written/rota.js';
import {
  isAsWritten,
  type KeySession,
  type Laid,
  type Line,
  type Place,
  type WeekToFill,
} from './key-session.js';
import { mayBeSingle } from './may-be-single.js';
import { aloneIn, bearing, mostAtItsPace } from './most-at-its-pace.js';

/** The lines of a block and what they rest on. */
interface Filling {
  context: Context;
  /** The last one of every place in the week, from 0. */
  lines: Map<number, Line>;
  /** The last one of every family that a rotation has come to. */
  rotated: Map<string, Line>;
}

/** Days before the race in which a session is halved. */
const RACE_WEEK = 7;

/**
 * Fills the quality days of a block with its families: exposure after exposure,
 * recovery weeks and races skipped as they hold no quality day, halved in race
 * week. The first exposure of a family is sized to the hard running of what came
 * before, the very first to the house rule’s part of the week.
 */
export function fillSessions(
  context: Context,
  weeks: readonly WeekToFill[],
): Map<CivilDate, KeySession> {
  const { spec, sessionsOn } = context;
  const filled = new Map<CivilDate, KeySession>();
  const filling: Filling = { context, lines: new Map(), rotated: new Map() };
  const rota = new Rota(spec);
  for (const week of weeks) {
    const { number, phase } = week;
    const quality = week.days.filter(({ role }) => role === 'quality');
    for (const [index, { date }] of quality.entries()) {
      const chosen = rota.next({ date, week: number, phase, nth: index + 1 });
      if (!chosen) continue;
      const place = { index, week, paces: sessionsOn(date) };
      const own = followedOn(context, date);
      // Another session in its place does not advance it.
      if (!own && context.fixedOn(date).session !== undefined) continue;
      const now = own ? taken(filling, own, chosen, place) : next(filling, chosen, place);
      const past = context.past.on(date)?.day;
      const line = past && now ? asItWas(filling, past, now, place) : now;
      if (!line) continue;
      const isLast = differenceInDays(spec.race.date, date) < RACE_WEEK;
      const laid = isLast
        ? forTheLast(line, place)
        : own
          ? line
          : within(context, line, { ...place, date, count: quality.length });
      if (!laid) continue;
      if (!isLast) keep(filling, chosen, index, asLaid(line, laid.laid));
      filled.set(date, { ...whole(line.family, laid, place), exposure: line.exposure });
    }
  }
  return filled;
}

/** Half of it in race week, but for what is written line by line. */
function forTheLast(line: Line, { paces }: Place): Laid {
  return line.family.exposures ? line : lay(halved(line.parts), paces);
}

function keep({ lines, rotated }: Filling, chosen: Chosen, index: number, line: Line): void {
  lines.set(index, line);
  if (chosen.rotated) rotated.set(line.family.id, line);
}

/** A main set with what goes before and after it. */
function whole(family: Progression, main: Laid, { paces }: Place): Omit<KeySession, 'exposure'> {
  const parts = wholeSet(family, main.parts);
  const { laid } = parts === main.parts ? main : lay(parts, paces);
  return { parts, laid, family };
}

/** The line that a family goes on from: its last one in this place, or in its rotation. */
function lineOf(filling: Filling, { family, rotated }: Chosen, index: number): Line | undefined {
  if (rotated) return filling.rotated.get(family.id);
  const before = filling.lines.get(index);
  return before?.family.id === family.id ? before : undefined;
}

/** A line whose week bore less of it: the next family is sized to what was laid. */
function asLaid(line: Line, { hardDistance }: SessionTotals): Line {
  const isLess = hardDistance < line.laid.hardDistance && !line.laid.uphill;
  return isLess ? { ...line, toMatch: Math.min(line.toMatch, hardDistance) } : line;
}

/**
 * A day that is over: the line goes on from what was handed out, where that was
 * another exposure than is laid out now; nothing of it where it was another family.
 */
function asItWas(
  { lines }: Filling,
  { sessions }: Day,
  laid: Line,
  { index, paces }: Place,
): Line | undefined {
  const run = sessions.find((each) => each.family !== undefined);
  // A session that found no room counts as one all the same.
  if (!run?.family || isSame(run.family, laid)) return laid;
  const { id, exposure } = run.family;
  const parts = sessionOf(run.shorthand)?.parts;
  if (!parts || id !== laid.family.id) return undefined;
  const main = mainParts(parts);
  // Strides and sprints are run between warming up and the session.
  const isLed = run.addOn !== undefined && run.addOn !== 'drills';
  const set = mainSetOf(laid.family, isLed ? main.slice(1) : main);
  const was = lay(runAsOnce(set, laid.parts), paces);
  return matching({ family: laid.family, exposure, ...was }, lines.get(index));
}

function isSame({ id, exposure }: { id: string; exposure: number }, laid: Line): boolean {
  return id === laid.family.id && exposure === laid.exposure;
}

/** Parts of what is asked for that are tried: whole repetitions may come to more. */
const TRIED = [1, 0.9, 0.8, 0.7];

/** Parts with about `ratio` times as much of it, the first tried that holds no more than `most` hard metres. */
function fitted(
  parts: readonly Part[],
  { ratio, most, least }: { ratio: number; most: number; least?: number },
  paces: SessionPaces,
): Laid {
  let found = lay(parts, paces);
  for (const part of TRIED) {
    found = lay(scaled(parts, part * ratio, least), paces);
    if (found.laid.hardDistance <= most) break;
  }
  return found;
}

/** Whole repetitions come to a little more than a week has left for them. */
const OVER_LEFT = 1.1;

/**
 * The same session with less of it, where its week bears no more: about as much
 * as its pace bears, at most what long run and races leave of the week’s hard running;
 * undefined where they leave less than the least of it.
 */
function within(
  context: Context,
  line: Line,
  place: Place & { date: CivilDate; count: number },
): Laid | undefined {
  const { week, paces, count, date } = place;
  const hard = line.laid.hardDistance;
  if (hard === 0 || isAsWritten(line.family)) return line;
  const { mostOfWeek } = context.rules.sessions;
  const left = Math.max(0, mostOfWeek * week.distance - week.hardElsewhere) / count;
  const most = Math.min(mostAtItsPace(context, line, place), left);
  if (hard <= most) return line;
  const isSingle = mayBeSingle(context, line.family, date);
  const asked = { ratio: most / hard, most: left, least: isSingle ? 1 : 2 };
  const less = fitted(line.parts, asked, paces);
  return isSingle || less.laid.hardDistance <= OVER_LEFT * left ? less : undefined;
}

function next(filling: Filling, chosen: Chosen, place: Place): Line | undefined {
  const { index, paces } = place;
  const { family } = chosen;
  const before = lineOf(filling, chosen, index);
  if (!before) {
    return isAsWritten(family) ? written(filling, family, place) : sized(filling, family, place);
  }
  const exposure = before.exposure + 1;
  const { part } = before;
  const same = { ...matching({ family, exposure, ...lay(before.parts, paces) }, before), part };
  if (exposure > exposuresIn(family)) return same;
  const parts = nextExposure(family, exposure, before.parts);
  const grown = lay(family.exposures && part !== undefined ? scaled(parts, part) : parts, paces);
  const hard = grown.laid.hardDistance;
  const most = isAsWritten(family) ? Infinity : mostAtItsPace(filling.context, grown, place);
  // More than the week bears stays as it was.
  if (hard > most && hard > same.laid.hardDistance) return same;
  return { ...matching({ family, exposure, ...grown }, before), part };
}

/** The first exposure of a family as the coach wrote it. */
function written({ lines }: Filling, family: Progression, { index, paces }: Place) {
  const parts = firstExposure(family);
  return parts && matching({ family, exposure: 1, ...lay(parts, paces) }, lines.get(index));
}

/** Over the least that a speed phase asks for: weeks grow, and a quick session of two holds less than its half. */
const OVER_LEAST = 1.3;

/** Hard metres of a family’s first exposure: as much as before, more where the phase asks for it and no jump. */
function targetOf({ context, lines }: Filling, { index, week }: Place): number {
  const { sessions } = context.rules;
  const days = week.days.filter(({ role }) => role === 'quality').length;
  const alone = aloneIn(week);
  const before = lines.get(index);
  if (!before) return sessions.firstHard * alone * bearing(week);
  const asked =
    week.phase === 'speed' ? (OVER_LEAST * sessions.leastWhenQuick * bearing(week)) / days : 0;
  const bearable = Math.min(asked, before.toMatch * (1 + sessions.mostJump));
  return Math.max(before.toMatch, bearable);
}

/** Part of what its pace bears that quick running begins at, so that it can grow (policy). */
const TO_BEGIN = 0.85;

/** Hard metres of a family’s first exposure, held to what its pace bears and leaves to grow. */
function firstOf(filling: Filling, first: Laid, place: Place): number {
  const { context } = filling;
  const most = mostAtItsPace(context, first, place);
  const isQuick = most < context.rules.sessions.mostHard * bearing(place.week) * (1 - 1e-9);
  return Math.min(isQuick ? TO_BEGIN * most : most, targetOf(filling, place));
}

/** Policy: seconds uphill for each kilometre of the week that hills begin with; later ones are longer. */
const UPHILL = 8;

/** Hard metres of a first session of hills: its time uphill goes by the week alone. */
function hillsOf({ laid }: Laid, { week }: Place): number {
  const time = (UPHILL * aloneIn(week) * bearing(week)) / 1000;
  return laid.hardTime > 0 ? (laid.hardDistance * time) / laid.hardTime : 0;
}

/** The first exposure of a family, sized to its target; whole repetitions make no jump of it. */
function sized(filling: Filling, family: Progression, place: Place): Line | undefined {
  const { week, paces, index } = place;
  const before = filling.lines.get(index);
  const parts = firstExposure(family);
  if (!parts) return undefined;
  const first = lay(parts, paces);
  const hard = first.laid.hardDistance;
  const target = first.laid.uphill ? hillsOf(first, place) : firstOf(filling, first, place);
  if (hard === 0 || target === 0) return matching({ family, exposure: 1, ...first }, before);
  const ratio = RESTED.has(week.phase) ? Math.min(1, target / hard) : target / hard;
  const { mostJump } = filling.context.rules.sessions;
  const most = (before?.toMatch ?? Infinity) * (1 + OF_JUMP * mostJump);
  const now = fitted(parts, { ratio, most }, paces);
  const part = now.laid.hardDistance / hard;
  // Hills that nothing stands before are no measure for the flat: what it begins with is.
  const toMatch = before ?? { toMatch: targetOf(filling, place) };
  return { ...matching({ family, exposure: 1, ...now }, toMatch), part };
}

/** Of the jump that is allowed: the week of the one before may have taken something off it. */
const OF_JUMP = 0.8;

/** What the coach wrote for the date, where later ones follow it. */
function followedOn(context: Context, date: CivilDate): readonly Part[] | undefined {
  const wish = context.fixedOn(date);
  if (!wish.follow || wish.session === undefined) return undefined;
  const parts = sessionOf(wish.session)?.parts ?? [];
  return mainParts(parts);
}

function taken(
  filling: Filling,
  parts: readonly Part[],
  chosen: Chosen,
  { index, paces }: Place,
): Line {
  const { family } = chosen;
  const exposure = (lineOf(filling, chosen, index)?.exposure ?? 0) + 1;
  return matching({ family, exposure, ...lay(parts, paces) }, filling.lines.get(index));
}

/** Phases in which a family is never made larger than it starts. */
const RESTED: ReadonlySet<PhaseKind> = new Set(['taper', 'race-week', 'recovery']);

function matching(line: Omit<Line, 'toMatch'>, before: Pick<Line, 'toMatch'> | undefined): Line {
  const hard = line.laid.hardDistance;
  return { toMatch: line.laid.uphill ? (before?.toMatch ?? hard) : hard, ...line };
}

function lay(parts: readonly Part[], paces: SessionPaces): Laid {
  return { parts, laid: sessionTotals(parts, paces) };
}
