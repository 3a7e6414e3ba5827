import { hash, verify } from '@node-rs/argon2';

/**
 * Memory-hard password hashing, Argon2id with the package's defaults
 * (19 MiB, two passes: the first choice of OWASP's password storage guide).
 */
export function hashPassword(password: string): Promise<string> {
  return hash(password);
}

/** Spent when there is no such coach, so that the answer takes as long either way. */
const nobody = hash('nobody has this password');

export async function passwordFits(stored: string | null, password: string): Promise<boolean> {
  const fits = await verify(stored ?? (await nobody), password);
  return stored !== null && fits;
}
