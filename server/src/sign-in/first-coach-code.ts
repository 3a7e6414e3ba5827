import { createHash, timingSafeEqual } from 'node:crypto';

/** True for the code that was printed, in any case, with or without its hyphens. */
export function fitsCode(typed: string, printed: string | undefined): boolean {
  return printed !== undefined && timingSafeEqual(digest(typed), digest(printed));
}

function digest(code: string): Buffer {
  const plain = code.toLowerCase().replace(/[^a-z0-9]/g, '');
  return createHash('sha256').update(plain).digest();
}
