import type { Progression } from '../../spec/choices/index.js';
import { type CivilDate, differenceInDays } from '../../base/index.js';
import {
  halved,
  mainParts,
  type Part,
  runAsOnce,
  scaled,
  sessionOf,
  type SessionTotals,
} from '../../sessions/index.js';
import {
  exposuresIn,
  firstExposure,
  mainSetOf,
  nextExposure,
  wholeSet,
} from '../../sessions/library/index.js';
import type { Day } from '../block/day.js';
import type { Context } from '../context/context.js';
import { type Chosen, Rota } from '../written/rota.js';
import { sized } from './first-exposure.js';
import {
  isAsWritten,
  type KeySession,
  type Laid,
  lay,
  type Line,
  matching,
  type Place,
  type WeekToFill,
} from './key-session.js';
import { mostAtItsPace } from './most-at-its-pace.js';
import { withinWeek } from './within-week.js';

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
          : withinWeek(context, line, { ...place, date, count: quality.length });
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

function next(filling: Filling, chosen: Chosen, place: Place): Line | undefined {
  const { index, paces } = place;
  const { family } = chosen;
  const before = lineOf(filling, chosen, index);
  if (!before) {
    return isAsWritten(family)
      ? written(filling, family, place)
      : sized(filling.context, filling.lines.get(index), family, place);
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
