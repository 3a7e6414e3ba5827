/**
 * A quiet server on loopback over an empty database.
 *
 * @param {string} databaseUrl
 * @param {string} firstCoachCode
 */
export function benchConfig(databaseUrl, firstCoachCode) {
  return {
    databaseUrl,
    host: '127.0.0.1',
    port: 0,
    demo: false,
    today: undefined,
    web: undefined,
    logLevel: 'silent',
    hasParent: false,
    hosts: [],
    firstCoachCode,
    deadlineMs: 8000,
    docs: false,
  };
}
