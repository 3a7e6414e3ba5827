import { metresPer } from '../../base/index.js';
import type {
  Between,
  Count,
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
      return part.words;
    case 'run': {
      const { surges } = part;
      const at =
        surges &&
        `, ${surges.unit === 'mi' ? 'miles' : surges.unit} ${list(surges.at)} ${surges.name}`;
      return `${printPiece(part.piece)}${at ?? ''}`;
    }
    case 'repeat':
      return `${printCount(part.count)} x ${printPiece(part.piece)}${printBetween(part.recovery)}`;
    case 'ladder':
      return `${part.numbers.join('-')} ${part.unit}${printTarget(part.target)}${part.uphill ? ' uphill' : ''}${printBetween(part.recovery)}`;
    case 'set':
      return `${printCount(part.count)} x (${part.parts.map(printPart).join('; ')})${printBetween(part.recovery)}`;
  }
}

function printPiece({ amount, target, uphill }: Piece): string {
  return `${printAmount(amount)}${printTarget(target)}${uphill ? ' uphill' : ''}`;
}

/** An amount as it was written: `1000 m`, `1:30`. */
export function printAmount(amount: SessionAmount): string {
  if ('number' in amount) return `${amount.number} ${amount.unit}`;
  return `${Math.floor(amount.clock / 60)}:${String(amount.clock % 60).padStart(2, '0')}`;
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
      return ` @ ${printMention(target.from)} to ${printMention(target.to)} in ${target.steps} steps`;
    case 'exact':
      return ` @ ${printAmount({ clock: target.seconds })} /${target.per}`;
    case 'heart':
      return ` @ ${target.from}-${target.to} bpm`;
    case 'effort':
      return ` @ effort ${target.level}`;
  }
}

/** One plain word needs no sign: `3 km easy`. */
export function isBare(name: string): boolean {
  return /^[a-zäöüß]+(-[a-zäöüß]+)*$/i.test(name) && !NOT_BARE.has(name.toLowerCase());
}

/** Words that mean something else behind an amount. */
const NOT_BARE: ReadonlySet<string> = new Set(['uphill', 'x']);

function printMention({ name, offset, per }: PaceMention): string {
  if (offset === 0) return name;
  const unit = per ?? 'km';
  // A hundredth of a second is finer than anyone writes, and free of floating-point dust.
  const seconds = Math.round((Math.abs(offset) * metresPer(unit)) / 10) / 100;
  return `${name} ${offset > 0 ? '+' : '-'} ${seconds} s/${unit}`;
}

function printBetween(between: Between | undefined): string {
  if (!between) return '';
  switch (between.kind) {
    case 'walk-back':
      return ', walk back';
    case 'equal':
      return ', equal jog';
    default:
      return `, ${printAmount(between.amount)} ${between.kind}`;
  }
}

function list(numbers: readonly number[]): string {
  return [numbers.slice(0, -1).join(', '), numbers.at(-1)]
    .filter((each) => each !== '')
    .join(' and ');
}
