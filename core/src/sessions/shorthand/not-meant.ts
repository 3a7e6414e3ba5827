import { metresOf, secondsOf } from './amounts.js';
import type { Part, Piece } from './session.js';

/** Seconds per km that nobody holds over a repetition of so many metres or more: 4 x 2 km @ 3:40 is a pace. */
const QUICKEST = [
  { from: 2000, pace: 150 },
  { from: 1000, pace: 132 },
];
const CLOCK = /(?:@|\bin) ?((\d{1,2}):(\d\d)(?:-\d{1,2}:\d\d)?)(?! ?\/|[\d:-])/g;

/** A text with such times as paces of a kilometre or mile, where one is no time for a whole repetition. */
export function quickerThanAnyone(text: string, parts: readonly Part[]): string | undefined {
  const units = new Map(piecesIn(parts).flatMap(tooQuick));
  const meant = text.replace(CLOCK, (whole, ...[clock, minutes, seconds]: string[]) => {
    const unit = units.get(60 * Number(minutes) + Number(seconds));
    return unit === undefined ? whole : `@ ${clock} /${unit}`;
  });
  return meant === text ? undefined : meant;
}

/** The seconds of a piece that nobody runs in them, and the unit that they are meant for. */
function tooQuick({ amount, target }: Piece): [seconds: number, unit: 'km' | 'mi'][] {
  const metres = metresOf(amount) ?? 0;
  const quickest = QUICKEST.find(({ from }) => metres >= from)?.pace ?? 0;
  if (target?.kind !== 'each' || (target.seconds / metres) * 1000 >= quickest) return [];
  return [[target.seconds, 'unit' in amount && amount.unit === 'mi' ? 'mi' : 'km']];
}

/** 3 x (1 km @ 5k, 90 s): what stands alone behind something at a pace is no running. */
const BARE_REST = /(?<=\([^()]*@[^(),;]*, ?)(\d+ ?(?:s|secs?|mins?|'|")|\d:\d\d)(?= ?[,)])/gi;
/** Seconds of it, at most. */
const LONGEST_REST = 300;

/** A text whose rests in brackets say that they are none of the running; undefined where none is run. */
export function withRests(text: string, parts: readonly Part[]): string | undefined {
  const rested = text.replace(BARE_REST, '$1 rest');
  return rested !== text && parts.some(runsItsRest) ? rested : undefined;
}

function runsItsRest(part: Part): boolean {
  if (part.kind !== 'set') return false;
  return part.parts.some((each, index) => {
    const [before] = piecesIn(part.parts.slice(index - 1, index));
    if (each.kind !== 'run' || each.piece.target || !before?.target) return false;
    const seconds = secondsOf(each.piece.amount);
    return seconds > 0 && seconds <= LONGEST_REST;
  });
}

function piecesIn(parts: readonly Part[]): Piece[] {
  return parts.flatMap((part) => {
    if (part.kind === 'run' || part.kind === 'repeat') return [part.piece];
    return part.kind === 'set' || part.kind === 'including' ? piecesIn(part.parts) : [];
  });
}
