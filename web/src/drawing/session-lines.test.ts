import { sessionPacesOf } from '@nadir/core/sessions';
import { resolveSpec } from '@nadir/core/layout';
import { rulesOf } from '@nadir/core/rules';
import { describe, expect, it } from 'vitest';
import { sessionLines } from './session-lines.js';

const spec = resolveSpec({
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000, goalTime: 2400 },
});
const paces = sessionPacesOf(spec, rulesOf(spec), '2027-05-01');

describe('a session in lines', () => {
  it('has a line a part', () => {
    const lines = sessionLines('2 km easy; 5 x 1000 m half-hour, 90 s jog; 2 km easy', paces);
    expect(lines.map(({ label }) => label)).toEqual(['easy', '5 ×', 'easy']);
    // Five repetitions and the four jogs between them.
    expect(lines[1]?.stretches).toHaveLength(9);
  });

  it('has a line a round of a set, with what is between on the turn', () => {
    const lines = sessionLines('2 x (3 x 4 min one-hour, 60 s jog), 3 min jog', paces);
    expect(lines.map(({ label }) => label)).toEqual(['set 1', 'set 2']);
    expect(lines[0]?.turn).toBe('3 min jog');
    expect(lines[1]?.turn).toBeUndefined();
    expect(lines[0]?.stretches).toHaveLength(5);
  });

  it('has none where it does not read', () => {
    expect(sessionLines('6 x 400', paces)).toEqual([]);
  });
});
