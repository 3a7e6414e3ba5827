import { canonicalJson } from '../base/index.js';
import type { BlockSpec } from './block-spec.js';

type Facts = NonNullable<BlockSpec['athlete']>;
type Paces = NonNullable<BlockSpec['paces']>;
type Use = NonNullable<BlockSpec['sessions']>[number];

/** A table of the coach's own that is named instead of carried. */
export interface NamedTable {
  version: number;
}

/** Tables of the coach's own, each with versions that never change. */
export interface CoachTables {
  paces: NonNullable<Paces['table']>;
  'house-rules': NonNullable<BlockSpec['houseRules']>;
  family: Use['family'];
}

/** Facts that differ from the athlete's record; null where the record has one and the block has none. */
export type OwnFacts = { [K in keyof Facts]?: Facts[K] | null };

/** What a block says for itself: the rest is said by its athlete's record and by the coach's tables. */
export type OwnSpec<S extends BlockSpec = BlockSpec> = Omit<
  S,
  'athlete' | 'paces' | 'houseRules' | 'sessions'
> & {
  athlete?: OwnFacts | undefined;
  paces?: (Omit<Paces, 'table'> & { table?: Paces['table'] | NamedTable }) | undefined;
  houseRules?: CoachTables['house-rules'] | NamedTable | undefined;
  sessions?: (Omit<Use, 'family'> & { family: Use['family'] | NamedTable })[] | undefined;
};

/** Finds a version of a table. */
export type TableAt = <K extends keyof CoachTables>(kind: K, version: number) => CoachTables[K];
/** The version under which the coach has a table; undefined where it is the block's alone. */
export type VersionOf = <K extends keyof CoachTables>(
  kind: K,
  table: CoachTables[K],
) => number | undefined;

/**
 * A whole spec, from what the block says for itself, the athlete's record, and
 * the tables the block names.
 *
 * @example compose({ unit: 'mi' }, { athlete: { unit: null }, … }) has no unit: the block's own word counts.
 */
export function compose<S extends BlockSpec>(record: Facts, own: OwnSpec<S>, at: TableAt): S {
  const { athlete, paces, houseRules, sessions, ...rest } = own;
  const table = paces?.table;
  return {
    ...rest,
    athlete: composeFacts(record, athlete),
    ...(paces && {
      paces: isNamed(table) ? { ...paces, table: at('paces', table.version) } : paces,
    }),
    ...(houseRules && {
      houseRules: isNamed(houseRules) ? at('house-rules', houseRules.version) : houseRules,
    }),
    ...(sessions && {
      sessions: sessions.map(({ family, ...use }) => ({
        ...use,
        family: isNamed(family) ? at('family', family.version) : family,
      })),
    }),
  } as unknown as S;
}

/** The reverse of `compose`: what a whole spec says that neither record nor tables do. */
export function ownOf<S extends BlockSpec>(
  record: Facts,
  spec: S,
  versionOf: VersionOf,
): OwnSpec<S> {
  const { athlete = {}, paces, houseRules, sessions, ...rest } = spec;
  return {
    ...rest,
    athlete: ownFacts(record, athlete),
    ...(paces && { paces: paces.table ? { ...paces, table: named('paces', paces.table) } : paces }),
    ...(houseRules && { houseRules: named('house-rules', houseRules) }),
    ...(sessions && {
      sessions: sessions.map(({ family, ...use }) => ({ ...use, family: named('family', family) })),
    }),
  };

  function named<K extends keyof CoachTables>(kind: K, table: CoachTables[K]) {
    const version = versionOf(kind, table);
    return version === undefined ? table : { version };
  }
}

/** The facts of an athlete as one block has them. */
export function composeFacts(record: Facts, own: OwnFacts = {}): Facts {
  const facts = { ...record, ...own };
  return Object.fromEntries(
    Object.entries<unknown>(facts).filter(([, value]) => (value ?? undefined) !== undefined),
  );
}

/** What of a block's facts differs from the record. */
export function ownFacts(record: Facts, facts: Facts): OwnFacts {
  const keys = new Set([...Object.keys(record), ...Object.keys(facts)]) as Set<keyof Facts>;
  const differing = [...keys].filter(
    (key) => canonicalJson(record[key]) !== canonicalJson(facts[key]),
  );
  return Object.fromEntries(differing.map((key) => [key, facts[key] ?? null]));
}

function isNamed(table: object | undefined): table is NamedTable {
  return table !== undefined && Object.hasOwn(table, 'version');
}
