/** Why the database cannot be used just now, where it is nothing that the request did. */
export type Trouble = 'away' | 'disk-full' | 'cannot-write';

/** SQLSTATE codes and classes, and codes of the network, by what they mean for a request. */
const TROUBLES: readonly (readonly [RegExp, Trouble])[] = [
  [/^53100$/, 'disk-full'],
  // A folder that may not be written to: 42501 from the file system, 25006 from a read-only server.
  [/^(42501|25006)$/, 'cannot-write'],
  // Connections, shutdowns and starts, resources, time-outs of statements, locks and idleness, disks.
  [/^(08...|57P0.|53...|57014|55P03|25P0[34]|58...|40001|40P01)$/, 'away'],
  [/^(ECONN\w+|EPIPE|ETIMEDOUT|ENOTFOUND|EHOSTUNREACH|EAI_AGAIN)$/, 'away'],
];

/** What the driver and the pool say without a code. */
const SAYINGS =
  /Connection terminated|Connection ended|not queryable|timeout exceeded when trying to connect|timeout expired|Timeout acquiring a connection|Unable to acquire a connection|pool is (probably )?full/;

/** What is wrong with the database; undefined for an error of any other kind. */
export function troubleOf(error: unknown): Trouble | undefined {
  if (!(error instanceof Error)) return undefined;
  const code = 'code' in error && typeof error.code === 'string' ? error.code : '';
  const known = TROUBLES.find(([pattern]) => pattern.test(code))?.[1];
  return known ?? (SAYINGS.test(error.message) ? 'away' : undefined);
}
