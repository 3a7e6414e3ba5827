import { metresPer } from '../../base/index.js';
import { formatDuration } from '../../base/format/index.js';
import { racedName } from './raced.js';
import type {
  Between,
  Count,
  PaceEnd,
  PaceMention,
  Part,
  Piece,
  Session,
  SessionAmount,
  Target,
} from './session.js';

/** A session in shorthand; reading it again gives the same session. */
export function printSession({ parts }: Session): string {
  return parts.map(printPart).join('; ');
}

function printPart(part: Part): string {
  return `${bare(part)}${part.comment === undefined ? '' : ` [${part.comment}]`}`;
}

function bare(part: Part): string {
  switch (part.kind) {
    case 'words':
      return part.amount ? `${printAmount(part.amount)} ${part.words}` : part.words;
    case 'run': {
      const { surges } = part;
      const at =
        surges &&
        `, ${surges.unit === 'mi' ? 'miles' : surges.unit} ${list(surges.at)} ${surges.name}`;
      const places = (part.places ?? []).map(
        ({ place, amount, target }) => `, ${place} ${printAmount(amount)}${printTarget(target)}`,
      );
      return `${printPiece(part.piece)}${at ?? ''}${places.join('')}`;
    }
    case 'repeat':
      return `${printCount(part.count)} x ${printPiece(part.piece)}${printBetween(part.recovery)}`;
    case 'ladder':
      return `${part.numbers.join('-')} ${part.unit}${printTarget(part.target)}${part.uphill ? ' uphill' : ''}${printBetween(part.recovery)}`;
    case 'including':
      return `${printPiece(part.piece)} including ${part.parts.map(printPart).join(' and ')}`;
    case 'set':
      return `${printCount(part.count)} x (${part.parts.map(printPart).join('; ')})${printBetween(part.recovery)}`;
  }
}

function printPiece({ amount, target, uphill, inside }: Piece): string {
  const bits = inside?.map((bit) => `${printAmount(bit.amount)} ${bit.name}`).join(', ');
  return `${printRun(amount, printTarget(target))}${uphill ? ' uphill' : ''}${bits ? ` (${bits})` : ''}`;
}

/** A race by its name where it says what it is run at: alone the name would be read as a pace. */
function printRun(amount: SessionAmount, target: string): string {
  const isMetres = 'number' in amount && amount.unit === 'm' && amount.most === undefined;
  const name = isMetres && /^ (@|in) /.test(target) ? racedName(amount.number) : undefined;
  return `${name ?? printAmount(amount)}${target}`;
}

/** An amount as it was written: `1000 m`, `1:30`. */
export function printAmount(amount: SessionAmount): string {
  const { most } = amount;
  if ('number' in amount) {
    return `${amount.number}${most === undefined ? '' : `-${most}`} ${amount.unit}`;
  }
  return printClock(amount.clock, most);
}

/** Seconds as a clock, with the most of a range: `4:10-4:20`, `1:36:00`. */
function printClock(seconds: number, most?: number): string {
  const clock = formatDuration(seconds);
  return most === undefined ? clock : `${clock}-${printClock(most)}`;
}

/** Under two minutes as seconds, so that tenths can stand: ` in 41.5`, ` in 1:54`. */
function printEach(seconds: number, most?: number): string {
  const isClock = (of: number) => of >= 100 && Number.isInteger(of);
  const print = (of: number) => (isClock(of) ? printClock(of) : String(of));
  return most === undefined ? print(seconds) : `${print(seconds)}-${print(most)}`;
}

function printCount({ from, to }: Count): string {
  return from === to ? String(from) : `${from}-${to}`;
}

/** What a piece is run at, with its sign: ` @ 10 km - 2 s/km`; empty for none. */
export function printTarget(target: Target | undefined): string {
  switch (target?.kind) {
    case undefined:
      return '';
    case 'pace':
      return target.offset === 0 && isBare(target.name)
        ? ` ${target.name}`
        : ` @ ${printMention(target)}`;
    case 'progression':
      return ` @ ${printEnd(target.from)} to ${printEnd(target.to)}${target.steps === undefined ? '' : ` in ${target.steps} steps`}`;
    case 'exact':
      return ` @ ${printClock(target.seconds, target.most)} /${target.per}`;
    case 'each':
      return ` in ${printEach(target.seconds, target.most)}`;
    case 'heart':
      return ` @ ${target.from}${target.to === target.from ? '' : `-${target.to}`} bpm`;
    case 'heart-share':
      return ` @ ${target.from}${target.to === target.from ? '' : `-${target.to}`} %`;
    case 'effort':
      return ` @ effort ${target.level}`;
  }
}

/** One plain word needs no sign: `3 km easy`, `2 km w/up`. */
export function isBare(name: string): boolean {
  const isWord = /^[a-zäöüß]+(-[a-zäöüß]+)*$|^[wc]\/(up?|d(own)?)$/i.test(name);
  return isWord && !NOT_BARE.has(name.toLowerCase());
}

/** Words that mean something else behind an amount. */
const NOT_BARE: ReadonlySet<string> = new Set(
  'uphill hill hills x to in then and plus with from at incl including inc followed off race tt progression progressive prog'.split(
    ' ',
  ),
);

function printEnd(end: PaceEnd): string {
  return 'seconds' in end ? `${printClock(end.seconds)} /${end.per}` : printMention(end);
}

function printMention({ name, offset, per }: PaceMention): string {
  if (offset === 0) return name;
  const unit = per ?? 'km';
  // A hundredth of a second is finer than anyone writes, and free of floating-point dust.
  const seconds = Math.round((Math.abs(offset) * metresPer(unit)) / 10) / 100;
  return `${name} ${offset > 0 ? '+' : '-'} ${seconds} s/${unit}`;
}

function printBetween(between: Between | undefined): string {
  if (!between) return '';
  const last = between.last ? ' incl. last' : '';
  return `, ${printGap(between)}${last}`;
}

function printGap(between: Between): string {
  switch (between.kind) {
    case 'walk-back':
      return 'walk back';
    case 'jog-back':
      return 'jog back';
    case 'equal':
      return 'equal jog';
    case 'run':
      return `${printAmount(between.amount)} ${between.name}`;
    default:
      return `${printAmount(between.amount)} ${between.kind}`;
  }
}

function list(numbers: readonly number[]): string {
  return [numbers.slice(0, -1).join(', '), numbers.at(-1)]
    .filter((each) => each !== '')
    .join(' and ');
}
