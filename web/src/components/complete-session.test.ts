import { defaultPaces } from '@nadir/core/paces';
import { startingFamilies } from '@nadir/core/sessions/library';
import { describe, expect, it } from 'vitest';
import { completionsAt } from './complete-session.js';

const known = { table: defaultPaces, families: startingFamilies };
const labels = (text: string, caret = text.length) =>
  completionsAt(text, caret, known).map(({ label }) => label);

describe('completing a session', () => {
  it('offers paces behind an @, by the beginning of their short names', () => {
    expect(labels('6 x 1000 m @ half')).toEqual(['half marathon', 'half-hour']);
    expect(labels('6 x 1000 m @ ')).toHaveLength(8);
    expect(labels('20 min @ ra')).toEqual(['race pace']);
  });

  it('puts the whole name where it was begun, and keeps what follows', () => {
    const text = '3 km easy; 6 x 1000 m @ mar, 90 s jog; 2 km easy';
    const [found] = completionsAt(text, '3 km easy; 6 x 1000 m @ mar'.length, known);
    expect(found?.text).toBe('3 km easy; 6 x 1000 m @ marathon, 90 s jog; 2 km easy');
  });

  it('offers sessions where a part begins, written out in names there are', () => {
    const [found] = completionsAt('3 km easy; broken', 17, known);
    expect(found).toMatchObject({
      label: 'Broken tempo',
      text: '3 km easy; 4 x 6 min one-hour, 90 s jog',
    });
  });

  it('is silent where there is nothing left to say', () => {
    expect(labels('6 x 1000 m @ marathon')).toEqual([]);
    expect(labels('6 x 1000 m @ 10 km - 2')).toEqual([]);
    expect(labels('6 x 1000 m @ 10 km, 90')).toEqual([]);
    expect(labels('6 x 1000')).toEqual([]);
  });
});
