import { weekdayOf } from '../../base/index.js';
import { capital } from '../../base/format/index.js';
import { mainParts, printSession, sessionOf, sessionPacesOf } from '../../sessions/index.js';
import { exposuresOf, startingFamilies } from '../../sessions/library/index.js';
import type { PhaseKind, Progression, Rotation } from '../../spec/choices/index.js';
import { rulesOf } from '../../rules/index.js';
import { Rota } from '../../layout/index.js';
import type { Block, DaySession } from '../../layout/block/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Command } from '../index.js';
import { heldWords, isHeldAlike } from './holds-in.js';

/** Families in turn; undefined leaves a week to its phase. */
export type Turn = readonly (Progression | undefined)[];

/** A place of the week: a weekday, or the hard days counted from 1. */
export type Place = Rotation['on'];

const NTH = ['First', 'Second', 'Third', 'Fourth'];

/** `Tuesday`, `First hard day`. */
export function placeName(place: Place): string {
  if (typeof place === 'string') return capital(place);
  return `${NTH[place - 1] ?? `${place}th`} hard day`;
}

/** `End the Tuesday rotation`, `End the first hard day rotation`. */
export function endWords(place: Place): string {
  const name = placeName(place);
  return `End the ${typeof place === 'string' ? name : name.toLowerCase()} rotation`;
}

/**
 * Lets families take turns in a place of the week, through the block or within phases;
 * an empty turn ends that. Single weeks that were set stay.
 */
export function setRotation({ spec }: Block, on: Place, turn: Turn, phases?: PhaseKind[]): Command {
  const others = (spec.rotations ?? []).filter(
    (each) => each.on !== on || !isHeldAlike(each, { phases }),
  );
  const added: Rotation = { on, turn: turn.map(idOf), phases };
  const rotations = turn.length > 0 ? [...others, added] : others;
  const where = heldWords({ phases });
  const words = turn.map((each) => (each ? `“${each.name}”` : 'as in the phase')).join(', ');
  return {
    change: changeOf(spec, rotations, turn),
    message:
      turn.length > 0
        ? `${placeName(on)}s${where}: ${words}, in turn.`
        : `${endWords(on).replace(/^End/, 'Ended')}${where}.`,
  };
}

/** Puts a family in a place of one week, over its rotation; undefined goes back to that. */
export function setTurn(
  { spec }: Block,
  { on, week }: { on: Place; week: number },
  family: Progression | undefined,
): Command {
  const others = (spec.rotations ?? []).filter(
    (each) => each.on !== on || each.weeks?.length !== 1 || each.weeks[0] !== week,
  );
  const rotations = family ? [...others, { on, turn: [family.id], weeks: [week] }] : others;
  const day = `${placeName(on)} of week ${week}`;
  return {
    change: changeOf(spec, rotations, [family]),
    message: family ? `${day}: “${family.name}”.` : `${day}: back to the rotation.`,
  };
}

/** A family as it is put into a block: the coach's own is run as written unless it says otherwise. */
export function asAssigned(family: Progression): Progression {
  const isOwn = !startingFamilies.some(({ id }) => id === family.id);
  return isOwn && family.fit === undefined ? { ...family, fit: false } : family;
}

/** A week of a rotation grid: what stands, or would stand, in one of its places. */
export interface GridCell {
  date: string;
  place: Place;
  /** The family meant for it; undefined where it is no quality day or has none. */
  family: Progression | undefined;
  exposure: number | undefined;
  /** Part of what is written that is laid out, where that was fitted to the athlete. */
  fitted: number | undefined;
  /** What is laid out there, without the easy running around it. */
  words: string;
  /** True where this week was set by itself. */
  own: boolean;
}

/** A block as weeks by places of the week; no cell where a week has no such day. */
export function rotationGrid(block: Block, places: readonly Place[]): GridCell[][] {
  const rota = new Rota(block.spec);
  const { rotations = [] } = block.spec;
  return block.weeks.map(({ number, phase, days }) => {
    const quality = days.filter(({ role }) => role === 'quality');
    const chosen = new Map(
      quality.map(({ date }, index) => [
        date,
        rota.next({ date, week: number, phase, nth: index + 1 })?.family,
      ]),
    );
    return places.flatMap((place) =>
      days
        .filter((day) =>
          typeof place === 'number' ? quality[place - 1] === day : weekdayOf(day.date) === place,
        )
        .map(({ date, sessions }): GridCell => {
          const laid = sessions.find((session) => session.family !== undefined);
          const family = chosen.get(date);
          return {
            date,
            place,
            family,
            exposure: laid?.family?.exposure,
            fitted: laid && family && fittedTo(block, family, laid),
            words: laid ? mainWords(laid) : '',
            own: rotations.some(({ on, weeks }) => on === place && weeks?.includes(number)),
          };
        }),
    );
  });
}

/** Its hard running against what is written for the exposure; undefined where they are alike. */
function fittedTo({ spec }: Block, family: Progression, laid: DaySession): number | undefined {
  if (family.fit === false || laid.family?.id !== family.id) return undefined;
  const paces = sessionPacesOf(spec, rulesOf(spec), spec.start);
  const exposures = exposuresOf(family, paces, spec.paces.table);
  const written = (exposures[laid.family.exposure - 1] ?? exposures.at(-1))?.totals.hardDistance;
  if (!written) return undefined;
  const part = laid.hardDistance / written;
  return Math.abs(part - 1) < ALIKE ? undefined : part;
}

/** What rounding to whole repetitions at another day’s paces may come to. */
const ALIKE = 0.02;

function mainWords({ shorthand }: DaySession): string {
  const session = sessionOf(shorthand);
  return session ? printSession({ parts: [...mainParts(session.parts)] }) : shorthand;
}

/** Rotations, with the families that they name and no others. */
function changeOf({ families = [] }: ResolvedSpec, rotations: Rotation[], turn: Turn) {
  const named = new Set(rotations.flatMap((each) => each.turn));
  const added = turn.flatMap((family) => (family ? [asAssigned(family)] : []));
  // What the block has of a family stays as it was taken, whatever the library says now.
  const all = new Map([...added, ...families].map((family) => [family.id, family]));
  const kept = [...all.values()].filter(({ id }) => named.has(id));
  return {
    rotations: rotations.length > 0 ? rotations : undefined,
    families: kept.length > 0 ? kept : undefined,
  };
}

function idOf(family: Progression | undefined): string | null {
  return family?.id ?? null;
}
