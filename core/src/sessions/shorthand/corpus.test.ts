import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { defaultPaces } from '../../paces/index.js';
import { laySession } from '../breakdown/lay-session.js';
import { corpus } from './corpus.js';
import { linkPaces, namePaces, paceNamed } from './link-paces.js';
import { readSession } from './parse-session.js';
import { printSession } from './print-session.js';
import { RACE_PACE, type SessionPaces } from './session-paces.js';

const perKm: Readonly<Record<string, number>> = {
  recovery: 400,
  easy: 360,
  steady: 320,
  marathon: 280,
  'half-marathon': 270,
  'one-hour': 265,
  'half-hour': 258,
  '10-km': 250,
  '5-km': 240,
  '3-km': 230,
  mile: 220,
  '800-m': 200,
  strides: 225,
};
const paces: SessionPaces = {
  guessed: false,
  find(name) {
    const id = paceNamed(name, defaultPaces)?.id;
    const pace = id === undefined ? undefined : perKm[id];
    if (id !== undefined && pace !== undefined) return { id, pace };
    return /^(race|goal)/.test(name) ? { id: RACE_PACE, pace: 280 } : undefined;
  },
  atHeart: (share) => (share > 0.8 ? 270 : 360),
  easy: 360,
  jog: 400,
  hardFrom: 285,
};

describe('lines as coaches type them', () => {
  it('are three hundred at least, each once', () => {
    expect(new Set(corpus.map(([text]) => text)).size).toBeGreaterThanOrEqual(300);
  });

  it.each(corpus)('%s', (text, metres, seconds, hard) => {
    const read = readSession(text);
    if (!read.ok) throw new Error(read.problem.message);
    const laid = laySession(read.session, paces);
    expect(laid.unknown).toEqual([]);
    const found = [laid.distance, laid.time, laid.hardDistance];
    [metres, seconds, hard].forEach((wanted, place) => {
      expect(Math.abs((found[place] ?? NaN) - wanted)).toBeLessThanOrEqual(0.51);
    });
    // Printed, it reads the same; kept with its paces by their ids, it comes to the same.
    const printed = printSession(read.session);
    expect(readSession(printed)).toEqual(read);
    const kept = readSession(namePaces(linkPaces(text, defaultPaces), defaultPaces));
    expect(kept.ok && laySession(kept.session, paces).distance).toBeCloseTo(laid.distance, 6);
  });

  it('read the same however they are put together', () => {
    const text = fc.constantFrom(...corpus.map(([line]) => line));
    fc.assert(
      fc.property(fc.array(text, { minLength: 2, maxLength: 4 }), (texts) => {
        const read = readSession(texts.join('; '));
        if (!read.ok) throw new Error(read.problem.message);
        expect(readSession(printSession(read.session))).toEqual(read);
      }),
    );
  });
});
