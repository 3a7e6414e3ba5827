import type { BlockFile } from '@nadir/contract';
import { parseBlockFile, templateOf } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { startAfter, startFromTemplate } from './starting-point.js';

const block: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: { name: 'Ottoline Brack', recentWeeks: [80_000] },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 16,
  volume: { start: 80_000, peak: 110_000 },
  taper: { school: 'long-descent' },
};

describe('a block that starts from another', () => {
  it('after a goal race can be kept at once, and names the race before it', () => {
    const next = startAfter({ wishes: block, history: [] }, '2027-04-19');
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
    const { file } = startFromTemplate(templateOf(block), asked);
    expect(parseBlockFile(file)).toMatchObject({ ok: true });
    expect(file.volume?.start).toBe(50_000);
    expect(file.taper?.school).toBe('long-descent');
    expect(file.athlete?.name).toBe('Wren Castellan');
  });

  it('from a template keeps what takes turns, and weekdays that stay the same', () => {
    const family = {
      id: 'harbour',
      name: 'Harbour',
      purpose: '',
      phases: [],
      tags: [],
      start: '6 x 600 m @ 5-km, 90 s jog',
      way: 'more-repetitions' as const,
      by: 1,
      most: 4,
      fit: false,
    };
    const turning: BlockFile = {
      ...block,
      families: [family],
      rotations: [{ on: 'tuesday', turn: ['harbour', null] }],
      week: { fixed: [{ weekday: 'monday', amount: 10_000 }] },
    };
    const asked: BlockFile = { ...block, athlete: { name: 'Wren Castellan' }, volume: undefined };
    const { file } = startFromTemplate(templateOf(turning), asked);
    expect(file).toMatchObject({
      families: [family],
      rotations: turning.rotations,
      week: { fixed: [{ weekday: 'monday', amount: 10_000 }] },
    });
  });

  it('from a template says what of it cannot be fitted', () => {
    // A rise of a kilometre stretched to fifty: the pinned week would be beyond anyone.
    const flat: BlockFile = {
      ...block,
      volume: { start: 80_000, peak: 81_000 },
      pins: [{ week: 3, volume: 120_000 }],
    };
    const asked: BlockFile = { ...block, athlete: { name: 'Wren', recentWeeks: [50_000] } };
    const { file, unfit } = startFromTemplate(templateOf(flat), {
      ...asked,
      volume: undefined,
      taper: undefined,
    });
    expect(unfit).toEqual(['weeks', 'days']);
    expect(file.pins ?? []).toEqual([]);
    expect(parseBlockFile(file)).toMatchObject({ ok: true });
  });
});
