import { createHash, createHmac, timingSafeEqual } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { CONFIG, type Config } from '../config/config.js';

/**
 * Keys of links: worked out from the link’s id and this server’s own secret, so that a
 * sheet can carry the address again, and a copy of the database opens nothing.
 */
@Injectable()
export class LinkKeys {
  constructor(@Inject(CONFIG) private readonly config: Config) {}

  /** HMAC-SHA256 (RFC 2104): 43 letters that nobody without the secret can guess. */
  keyOf(linkId: string): string {
    return createHmac('sha256', this.config.secret).update(`link ${linkId}`).digest('base64url');
  }

  /** What is stored of a key. */
  hashOf(key: string): string {
    return createHash('sha256').update(key).digest('hex');
  }

  /** Whether a link’s key is still the one that was given out: not after the secret was lost. */
  isKnown(linkId: string, keyHash: string): boolean {
    return timingSafeEqual(Buffer.from(this.hashOf(this.keyOf(linkId))), Buffer.from(keyHash));
  }
}
