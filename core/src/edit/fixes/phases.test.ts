import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { resolveSpec } from '../../layout/index.js';
import { marathon } from '../../testing/examples.js';
import { proposed } from '../../testing/proposed.js';

const labels = (fixes: Readonly<Record<string, unknown>>) => Object.keys(fixes);
const usual = resolveSpec(marathon);

describe('proposed on phases and paces', () => {
  it('starts as much earlier or later as a length asks for, in words of one week or more', () => {
    const start = (value: number, limit: number) => proposed('block-too-short', { value, limit });
    expect(start(18, 19)).toEqual({ 'Start a week earlier': { weeks: 19, start: '2026-12-07' } });
    expect(start(18, 16)).toEqual({ 'Start 2 weeks later': { weeks: 16, start: '2026-12-28' } });
    expect(start(18, 18)).toEqual({});
    expect(start(18, 100)).toEqual({});
    expect(start(18, 1)).toEqual({});
  });

  it('keeps phases as they were scaled', () => {
    const own = [
      { kind: 'foundation', name: 'Base', weeks: 10 },
      { kind: 'speed', name: 'Sharp', weeks: 6 },
      { kind: 'taper', name: 'Rest', weeks: 2 },
    ] as const;
    const phases = { layout: 'own' as const, own: [...own] };
    const { 'Keep the phases as scaled': change } = proposed('own-phases-scaled', {}, { phases });
    const { phases: laid } = layOut({ ...marathon, phases });
    expect(change).toEqual({
      phases: {
        layout: 'own',
        own: laid.map(({ kind, name, weeks }) => ({ kind, name, weeks })),
      },
    });
  });

  it('slows the easy pace by whole seconds at both ends', () => {
    const table = usual.paces.table.map((pace) =>
      pace.id === 'easy' ? { ...pace, offset: [20, 40] as [number, number] } : pace,
    );
    const given = { paces: { ...usual.paces, table } };
    const fixes = proposed('easy-pace-too-fast', { value: 20, limit: 34.2 }, given);
    expect(labels(fixes)).toEqual(['Run easy 15 s/km slower']);
    const after = fixes['Run easy 15 s/km slower']?.paces?.table;
    expect(after?.find(({ id }) => id === 'easy')?.offset).toEqual([35, 55]);
  });
});
