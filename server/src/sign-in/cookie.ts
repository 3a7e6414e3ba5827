import type { CookieSerializeOptions } from '@fastify/cookie';

export const SESSION_COOKIE = 'nadir_session';

/** Out of reach of scripts and of other sites; encrypted only where the page is. */
export function cookieOptions(secure: boolean, expires: Date): CookieSerializeOptions {
  return { httpOnly: true, sameSite: 'strict', path: '/', secure, expires };
}
