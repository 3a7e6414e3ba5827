import { usualWords } from '../../paces/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import { readSession } from './parse-session.js';
import { printSession } from './print-session.js';
import type { Between, PaceEnd, Part, Piece, Session, Target } from './session.js';

const WORD = '[a-z0-9äöüß][a-z0-9äöüß-]*';
/** Names that the grammar reads as one: plain words, none that goes on to something else. */
const WRITABLE = new RegExp(`^(?!effort )${WORD}( +(?!(to|in|uphill)(?![a-z0-9äöüß]))${WORD})*$`);

/** A name as it can stand in shorthand: `One-hour (threshold)` is `one-hour`; its id where it cannot. */
export function shortPaceName({ id, name }: Pick<NamedPace, 'id' | 'name'>): string {
  const short = name
    .replace(/\(.*?\)/g, '')
    .trim()
    .toLowerCase();
  // An id from a name in brackets begins with hyphens, which count nothing when it is looked up.
  return WRITABLE.test(short) ? short : id.replace(/^-+/, '') || 'pace';
}

/**
 * A session's text with its paces by their ids, as it is kept: a pace that is
 * renamed stays the same pace. Names that are none of the table’s are left as
 * they are, and so is a text that cannot be read.
 */
export function linkPaces(text: string, table: readonly NamedPace[]): string {
  // A word that only also means a pace is the coach's own, and stays.
  return renamed(text, (name) => called(plain(name), table)?.id);
}

/** A kept session's text with its paces by the names they have now. */
export function namePaces(text: string, table: readonly NamedPace[]): string {
  return renamed(text, nameIn(table));
}

/** Parts with their paces by the names they have now. */
export function nameParts(parts: readonly Part[], table: readonly NamedPace[]): Part[] {
  return parts.map(inPart(nameIn(table)));
}

/** What names have meant in a table: sessions ask for the same few again and again. */
const meant = new WeakMap<readonly NamedPace[], Map<string, NamedPace | undefined>>();

/** The pace that a name, an id or a short form such as `10k` means. */
export function paceNamed(name: string, table: readonly NamedPace[]): NamedPace | undefined {
  const known = meant.get(table) ?? new Map<string, NamedPace | undefined>();
  meant.set(table, known);
  if (!known.has(name)) known.set(name, lookUp(plain(name), table));
  return known.get(name);
}

function lookUp(asked: string, table: readonly NamedPace[]): NamedPace | undefined {
  return (
    called(asked, table) ??
    // The coach's own word goes before the usual one, whichever pace comes first.
    table.find(({ also }) => also?.some((word) => plain(word) === asked)) ??
    table.find((pace) => alsoCalled(pace).some((word) => plain(word) === asked)) ??
    table.find(({ name }) => plain(name).startsWith(asked)) ??
    (WITHOUT.test(asked) ? lookUp(asked.replace(WITHOUT, ''), table) : undefined)
  );
}

/** The pace that goes by this name or id. */
function called(asked: string, table: readonly NamedPace[]): NamedPace | undefined {
  return table.find((pace) => plain(shortPaceName(pace)) === asked || plain(pace.id) === asked);
}

/** `marathon pace` is marathon, and a steady run is run steady. */
const WITHOUT = /(?<=.)(pace|effort|speed|run|running|jog)$/;

/** Other words for a pace: the coach's own, else the usual ones. */
export function alsoCalled({ id, also }: Pick<NamedPace, 'id' | 'also'>): readonly string[] {
  // Ids are the coach's own: `constructor` is one.
  return also ?? (Object.hasOwn(usualWords, id) ? usualWords[id] : undefined) ?? [];
}

/** `10 km`, `10-km` and `10k` are one name. */
function plain(name: string): string {
  return name
    .toLowerCase()
    .replace(/[^a-z0-9äöüß]/g, '')
    .replace(/^(\d+)k$/, '$1km');
}

type Rename = (name: string) => string | undefined;

function nameIn(table: readonly NamedPace[]): Rename {
  return (id) => {
    const pace = table.find((each) => each.id === id);
    return pace && shortPaceName(pace);
  };
}

function renamed(text: string, rename: Rename): string {
  const read = readSession(text);
  return read.ok ? printSession(inSession(rename)(read.session)) : text;
}

const inSession =
  (rename: Rename) =>
  ({ parts }: Session): Session => ({ parts: parts.map(inPart(rename)) });

const inPart =
  (rename: Rename) =>
  (part: Part): Part => {
    switch (part.kind) {
      case 'words':
        return part;
      case 'run':
        return {
          ...part,
          piece: inPiece(rename, part.piece),
          ...(part.places && {
            places: part.places.map((each) => ({
              ...each,
              target: inTarget(rename, each.target) ?? each.target,
            })),
          }),
          surges: part.surges && {
            ...part.surges,
            name: rename(part.surges.name) ?? part.surges.name,
          },
        };
      case 'repeat':
        return {
          ...part,
          piece: inPiece(rename, part.piece),
          recovery: inRecovery(rename, part.recovery),
        };
      case 'ladder':
        return {
          ...part,
          target: inTarget(rename, part.target),
          recovery: inRecovery(rename, part.recovery),
        };
      case 'including':
        return {
          ...part,
          piece: inPiece(rename, part.piece),
          parts: part.parts.map(inPart(rename)),
        };
      case 'set':
        return {
          ...part,
          parts: part.parts.map(inPart(rename)),
          recovery: inRecovery(rename, part.recovery),
        };
    }
  };

function inPiece(rename: Rename, piece: Piece): Piece {
  const { inside } = piece;
  return {
    ...piece,
    target: inTarget(rename, piece.target),
    ...(inside && {
      inside: inside.map((bit) => ({ ...bit, name: rename(bit.name) ?? bit.name })),
    }),
  };
}

function inRecovery(rename: Rename, recovery: Between | undefined): Between | undefined {
  if (recovery?.kind !== 'run') return recovery;
  return { ...recovery, name: rename(recovery.name) ?? recovery.name };
}

function inTarget(rename: Rename, target: Target | undefined): Target | undefined {
  const mention = <T extends PaceEnd>(of: T): T =>
    'name' in of ? { ...of, name: rename(of.name) ?? of.name } : of;
  if (target?.kind === 'pace') return { ...target, ...mention(target) };
  if (target?.kind === 'progression') {
    return { ...target, from: mention(target.from), to: mention(target.to) };
  }
  return target;
}
