import { randomBytes } from 'node:crypto';
import { isCivilDate } from '@nadir/core/base';
import { z } from 'zod';

const schema = z.strictObject({
  DATABASE_URL: z.url({ protocol: /^postgres(ql)?$/ }),
  NADIR_HOST: z.string().default('127.0.0.1'),
  NADIR_PORT: z.coerce.number().int().min(0).max(65_535).default(0),
  NADIR_MODE: z.enum(['demo', 'own']).default('own'),
  NADIR_TODAY: z.string().refine(isCivilDate, { error: 'expected YYYY-MM-DD' }).optional(),
  NADIR_WEB: z.string().optional(),
  NADIR_LOG: z.enum(['fatal', 'error', 'warn', 'info', 'debug', 'silent']).default('info'),
  NADIR_PARENT: z.literal('1').optional(),
  NADIR_HOSTS: z.string().optional(),
  // Letters and figures alone count.
  NADIR_FIRST_COACH_CODE: z
    .string()
    .regex(/([a-z0-9][^a-z0-9]*){8}/i, { error: 'expected eight letters or figures' })
    .optional(),
  NADIR_DOCS: z.literal('1').optional(),
  NADIR_OUTBOX: z.string().optional(),
  NADIR_SECRET: z.string().min(32).optional(),
});

/** How a server runs, validated at start. */
export interface Config {
  databaseUrl: string;
  host: string;
  port: number;
  demo: boolean;
  /** Fixes the clock, for tests and pictures. */
  today: string | undefined;
  /** Folder of the built site. */
  web: string | undefined;
  logLevel: string;
  /** Started by the one command: stops when its standard input ends. */
  hasParent: boolean;
  /** Names it goes by besides those of its own machine. */
  hosts: readonly string[];
  /** What whoever creates the first coach must know; without one nobody can. */
  firstCoachCode: string | undefined;
  /** Folder that mails are written to; without one none is sent. */
  outbox: string | undefined;
  /** What keys of links are worked out from: told by nobody, and the same after a new start. */
  secret: string;
  /** Longest that a request works before it is answered, in milliseconds. */
  deadlineMs: number;
  /** Serves the API's documentation. */
  docs: boolean;
}

export const CONFIG = Symbol('Config');

/** Longer than a coach waits for an answer. */
export const DEADLINE_MS = 8000;

/**
 * Reads the configuration from the environment.
 *
 * @throws Error that names every setting that is wrong or unknown
 */
export function readConfig(environment: NodeJS.ProcessEnv): Config {
  const ours = Object.entries(environment).filter(
    ([name]) => name === 'DATABASE_URL' || name.startsWith('NADIR_'),
  );
  const parsed = schema.safeParse(Object.fromEntries(ours));
  if (!parsed.success) {
    const wrong = parsed.error.issues.map(({ path, message }) => `${path.join('.')} ${message}`);
    throw new Error(`Settings of the server: ${wrong.join('; ')}.`);
  }
  const { data } = parsed;
  return {
    databaseUrl: data.DATABASE_URL,
    host: data.NADIR_HOST,
    port: data.NADIR_PORT,
    demo: data.NADIR_MODE === 'demo',
    today: data.NADIR_TODAY,
    web: data.NADIR_WEB,
    logLevel: data.NADIR_LOG,
    hasParent: data.NADIR_PARENT === '1',
    hosts: (data.NADIR_HOSTS ?? '')
      .toLowerCase()
      .split(/[\s,]+/)
      .filter(Boolean),
    firstCoachCode: data.NADIR_FIRST_COACH_CODE,
    outbox: data.NADIR_OUTBOX,
    // Without one the links that were given out still open; their addresses cannot be shown again.
    secret: data.NADIR_SECRET ?? randomBytes(32).toString('base64url'),
    deadlineMs: DEADLINE_MS,
    docs: data.NADIR_DOCS === '1',
  };
}
