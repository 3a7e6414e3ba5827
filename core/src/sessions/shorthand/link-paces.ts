import type { NamedPace } from '../../spec/choices/index.js';
import { readSession } from './parse-session.js';
import { printSession } from './print-session.js';
import type { PaceMention, Part, Session, Target } from './session.js';

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
  return renamed(text, (name) => paceNamed(name, table)?.id);
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
    table.find((pace) => plain(shortPaceName(pace)) === asked || plain(pace.id) === asked) ??
    table.find(({ name }) => plain(name).startsWith(asked))
  );
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
          piece: { ...part.piece, target: inTarget(rename, part.piece.target) },
          surges: part.surges && {
            ...part.surges,
            name: rename(part.surges.name) ?? part.surges.name,
          },
        };
      case 'repeat':
        return {
          ...part,
          piece: { ...part.piece, target: inTarget(rename, part.piece.target) },
        };
      case 'ladder':
        return { ...part, target: inTarget(rename, part.target) };
      case 'set':
        return { ...part, parts: part.parts.map(inPart(rename)) };
    }
  };

function inTarget(rename: Rename, target: Target | undefined): Target | undefined {
  const mention = (of: PaceMention): PaceMention => ({ ...of, name: rename(of.name) ?? of.name });
  if (target?.kind === 'pace') return { ...target, ...mention(target) };
  if (target?.kind === 'progression') {
    return { ...target, from: mention(target.from), to: mention(target.to) };
  }
  return target;
}
