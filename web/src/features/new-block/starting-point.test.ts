import type { BlockFile } from '@nadir/contract';
import { parseBlockFile, templateOf } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { startAfter, startFromTemplate } from './starting-point.js';

const block: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 3,
  athlete: { name: 'Ottoline Brack', recentWeeks: [80_000] },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 16,
  volume: { start: 80_000, peak: 110_000 },
  taper: { school: 'long-descent' },
};

describe('a block that starts from another', () => {
  it('after a goal race can be kept at once, and names the race before it', () => {
    const next = startAfter(block);
    expect(parseBlockFile(next)).toMatchObject({ ok: true });
    expect(next.previousRace).toMatchObject({ name: 'Lantern Bay Marathon' });
    expect(next.start ?? next.weeks).toBeDefined();
  });

  it('from a template keeps its schools on the athlete’s own numbers', () => {
    const asked: BlockFile = {
      ...block,
      athlete: { name: 'Wren Castellan', recentWeeks: [50_000] },
      volume: undefined,
      taper: undefined,
    };
    const file = startFromTemplate(templateOf(block), asked);
    expect(parseBlockFile(file)).toMatchObject({ ok: true });
    expect(file.volume?.start).toBe(50_000);
    expect(file.taper?.school).toBe('long-descent');
    expect(file.athlete?.name).toBe('Wren Castellan');
  });
});
