import { createHash } from 'node:crypto';
import { canonicalJson } from '@nadir/core/base';
import type { CoachTables, NamedTable, OwnSpec, TableAt, VersionOf } from '@nadir/core/spec';
import type { BlockFile } from '@nadir/contract';
import type { Knex } from 'knex';
import { tables } from './tables.js';

type Kind = keyof CoachTables;

interface TableRow {
  coach_id: string;
  kind: Kind;
  version: number;
  digest: string;
  value: unknown;
  at: Date;
}

/** Keeps versions of a coach's own table; one that is known already keeps its number. */
export async function keepTables(
  trx: Knex,
  key: { coachId: string; kind: Kind; at: Date },
  values: readonly object[],
): Promise<void> {
  for (const value of values) {
    const written = { value: JSON.stringify(value), digest: digestOf(value) };
    await trx.raw(
      `INSERT INTO ${tables.coachTables} (coach_id, kind, version, digest, value, at)
       SELECT :coachId, :kind, coalesce(max(version), 0) + 1, :digest, :value, :at
       FROM ${tables.coachTables} WHERE coach_id = :coachId AND kind = :kind
       ON CONFLICT (coach_id, kind, digest) DO NOTHING`,
      { ...key, ...written },
    );
  }
}

/** Looks up which of a file's tables are the coach's own, and under which version. */
export async function versionsIn(on: Knex, coachId: string, file: BlockFile): Promise<VersionOf> {
  const carried: object[] = (file.sessions ?? []).map(({ family }) => family);
  if (file.paces?.table) carried.push(file.paces.table);
  if (file.houseRules) carried.push(file.houseRules);
  if (carried.length === 0) return () => undefined;
  const digests = [...new Set(carried.map(digestOf))];
  const rows = await on<TableRow>(tables.coachTables)
    .where({ coach_id: coachId })
    .whereIn('digest', digests)
    .select('kind', 'version', 'digest');
  const known = new Map(rows.map(({ kind, version, digest }) => [`${kind} ${digest}`, version]));
  return (kind, table) => known.get(`${kind} ${digestOf(table)}`);
}

/** Fetches the tables that stored blocks name. */
export async function tablesOf(
  on: Knex,
  coachId: string,
  blocks: readonly OwnSpec[],
): Promise<TableAt> {
  const named = [...new Set(blocks.flatMap(namedIn))].map((key) => key.split(' '));
  const rows =
    named.length === 0
      ? []
      : await on<TableRow>(tables.coachTables)
          .where({ coach_id: coachId })
          .whereIn(['kind', 'version'], named)
          .select('kind', 'version', 'value');
  const known = new Map(rows.map(({ kind, version, value }) => [`${kind} ${version}`, value]));
  return <K extends Kind>(kind: K, version: number) => {
    const value = known.get(`${kind} ${version}`);
    if (value === undefined) throw new Error(`A block names ${kind} ${version}: it is not stored.`);
    // Parsed with the whole file that it becomes a part of.
    return value as CoachTables[K];
  };
}

function namedIn({ paces, houseRules, sessions }: OwnSpec): string[] {
  return [
    ...keyOf('paces', paces?.table),
    ...keyOf('house-rules', houseRules),
    ...(sessions ?? []).flatMap(({ family }) => keyOf('family', family)),
  ];
}

function keyOf(kind: Kind, table: object | undefined): string[] {
  const isNamed = table !== undefined && Object.hasOwn(table, 'version');
  return isNamed ? [`${kind} ${(table as NamedTable).version}`] : [];
}

/** The same for the same table, in whatever order its keys were written. */
function digestOf(table: object): string {
  return createHash('sha256')
    .update(canonicalJson(table) ?? '')
    .digest('base64url');
}
