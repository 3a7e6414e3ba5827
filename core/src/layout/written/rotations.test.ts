import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { mainOf } from '../../layout/block/index.js';
import { validateSpec } from '../../layout/validate/index.js';
import { weekdayOf, type Weekday } from '../../base/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { startingFamilies } from '../../sessions/library/index.js';
import type { Progression } from '../../spec/choices/index.js';
import { applyChange } from '../../edit/index.js';
import { rotationGrid, setRotation, setTurn } from '../../edit/week/index.js';

function own(id: string, start: string, part: Partial<Progression> = {}): Progression {
  return {
    id,
    name: id,
    purpose: '',
    phases: [],
    tags: [],
    start,
    way: 'more-repetitions',
    by: 1,
    most: 4,
    fit: false,
    ...part,
  };
}

const a = own('a', '6 x 600 m @ 5-km, 90 s jog');
const b = own('b', '15 min @ one-hour', { way: 'longer', by: 5 });
const c = own('c', '10 x 200 m @ mile, 200 m jog');

/** The sessions of a weekday without the easy running around them, week by week. */
function on(weekday: Weekday, spec: BlockSpec, weeks = 8): string[] {
  return layOut(spec)
    .weeks.slice(0, weeks)
    .map(({ number, days }) => {
      const day = days.find(({ date }) => weekdayOf(date) === weekday);
      const main = day && mainOf(day);
      const text = main?.family ? main.shorthand.split('; ').slice(1, -1).join('; ') : '–';
      return `${number} ${main?.family?.id ?? ''}${main?.family?.exposure ?? ''} ${text}`;
    });
}

describe('sessions in turn', () => {
  // Weeks 4 and 8 are recovery weeks: no quality day, no turn.
  const spec: BlockSpec = {
    ...marathon,
    families: [a, b, c],
    rotations: [{ on: 'tuesday', turn: ['a', 'b', 'a', 'c'] }],
  };

  it('go A, B, A, C over the weeks that have the day, each from its own last exposure', () => {
    expect(on('tuesday', spec, 9)).toEqual([
      '1 a1 6 x 600 m @ 5 km, 90 s jog',
      '2 b1 15 min one-hour',
      '3 a2 7 x 600 m @ 5 km, 90 s jog',
      '4  –',
      '5 c1 10 x 200 m mile, 200 m jog',
      '6 a3 8 x 600 m @ 5 km, 90 s jog',
      '7 b2 20 min one-hour',
      '8  –',
      '9 a4 9 x 600 m @ 5 km, 90 s jog',
    ]);
  });

  it('do not count a session of another kind as an exposure; the turn goes on with the weeks', () => {
    const written = {
      ...spec,
      days: [{ date: '2026-12-29', role: 'quality' as const, session: '40 min easy' }],
    };
    // Week 3 was to be a2: it comes in week 6.
    expect(on('tuesday', written, 7).filter((_, week) => week === 4 || week === 5)).toEqual([
      '5 c1 10 x 200 m mile, 200 m jog',
      '6 a2 7 x 600 m @ 5 km, 90 s jog',
    ]);
  });

  it('are set for one week without the others moving, and given back to their turn', () => {
    const block = layOut(spec);
    const set = applyChange(block.spec, setTurn(block, { on: 'tuesday', week: 3 }, c).change);
    expect(on('tuesday', set, 6)).toEqual([
      '1 a1 6 x 600 m @ 5 km, 90 s jog',
      '2 b1 15 min one-hour',
      '3 c1 10 x 200 m mile, 200 m jog',
      '4  –',
      '5 c2 11 x 200 m mile, 200 m jog',
      '6 a2 7 x 600 m @ 5 km, 90 s jog',
    ]);
    const back = setTurn(layOut(set), { on: 'tuesday', week: 3 }, undefined);
    expect(on('tuesday', applyChange(set, back.change))).toEqual(on('tuesday', spec));
  });

  it('leave a week to its phase where the turn says so, and whole phases where it is for others', () => {
    const other = { ...spec, rotations: [{ on: 'tuesday' as const, turn: ['a', null] }] };
    const [first, second] = on('tuesday', other, 2);
    expect(first).toContain('1 a1 ');
    // What the phase has for its first quality day.
    expect(second).toContain('2 loose-minutes1 ');
    const inPhase = {
      ...spec,
      rotations: [{ on: 'tuesday' as const, turn: ['a'], phases: ['taper' as const] }],
    };
    expect(on('tuesday', inPhase)).toEqual(on('tuesday', marathon));
  });

  it('make a quality day of their weekday in every week that is built', () => {
    const saturday = { ...spec, rotations: [{ on: 'wednesday' as const, turn: ['c'] }] };
    const built = layOut(saturday).weeks.filter(({ kind }) => kind === 'building');
    expect(built.length).toBeGreaterThan(8);
    for (const { days } of built) {
      expect(days.find(({ date }) => weekdayOf(date) === 'wednesday')?.role).toBe('quality');
    }
  });

  it('stand in a grid of weeks by weekdays, and leave no family behind that nothing names', () => {
    const block = layOut(spec);
    const grid = rotationGrid(block, ['tuesday']);
    expect(
      grid.slice(0, 5).map(([cell]) => `${cell?.family?.id ?? '-'}${cell?.exposure ?? ''}`),
    ).toEqual(['a1', 'b1', 'a2', '-', 'c1']);
    const { change } = setRotation(block, 'tuesday', [b]);
    expect(change.families).toEqual([b]);
    expect(setRotation(block, 'tuesday', []).change).toEqual({
      rotations: undefined,
      families: undefined,
    });
  });

  it('keep the block’s own copy of a family, whatever the library says since', () => {
    const block = layOut(spec);
    const since = { ...a, start: '3 x 100 m @ mile, 100 m walk' };
    const { change } = setTurn(block, { on: 'tuesday', week: 2 }, since);
    expect(change.families).toEqual([a, b, c]);
  });

  it('follow the hard days of a week by their place in it, each with a cell in the grid', () => {
    const block = layOut(marathon);
    const [tempo, hills] = ['tempo', 'short-hills'].map((id) =>
      startingFamilies.find((family) => family.id === id),
    );
    const { change, message } = setRotation(block, 2, [tempo, hills]);
    expect(message).toBe('Second hard days: “Tempo”, “Short hills”, in turn.');
    const turned = layOut(applyChange(marathon, change));
    const cells = rotationGrid(turned, [2]).slice(0, 12).flat();
    const named = cells.flatMap(({ family }) => (family ? [family.id] : []));
    expect(named.slice(0, 4)).toEqual(['tempo', 'short-hills', 'tempo', 'short-hills']);
    const week = turned.weeks.findIndex(
      ({ days }) => days.filter(({ role }) => role === 'quality').length > 1,
    );
    const set = setTurn(turned, { on: 2, week: week + 1 }, hills).change;
    const [cell] = rotationGrid(layOut(applyChange(turned.spec, set)), [2])[week] ?? [];
    expect(cell).toMatchObject({ place: 2, own: true, family: { id: 'short-hills' } });
    // Set by itself: this place of this week, no other of either.
    const grid = rotationGrid(layOut(applyChange(turned.spec, set)), [1, 2]);
    const alone = grid.flatMap((cells, index) =>
      cells.flatMap(({ place, own }) => (own ? [[index, place]] : [])),
    );
    expect(alone).toEqual([[week, 2]]);
  });

  it('are told where their weekday cannot be run', () => {
    const athlete = { ...marathon.athlete, unavailable: ['tuesday' as const] };
    const codes = layOut({ ...spec, athlete }).findings.map(({ check }) => check);
    expect(codes).toContain('session-outside-days');
  });

  it('cannot name what the block has not', () => {
    expect(validateSpec({ ...spec, families: [a, b] })).toMatchObject([
      { code: 'unknown-family', path: ['rotations', 0, 'turn'] },
    ]);
  });
});

describe('a family as it is written', () => {
  const alone = (family: Progression): BlockSpec => ({
    ...marathon,
    families: [family],
    rotations: [{ on: 'tuesday', turn: [family.id] }],
  });

  it('is laid line by line where it is a list, and its last line stays', () => {
    const lines = [
      '5 x 1000 m @ 10-km, 90 s jog',
      '5 x 1000 m @ 10-km, 60 s jog',
      '3 x 1000 m @ 5-km, 3 min jog',
    ];
    expect(on('tuesday', alone(own('list', lines[0] ?? '', { exposures: lines })), 6)).toEqual([
      '1 list1 5 x 1000 m @ 10 km, 90 s jog',
      '2 list2 5 x 1000 m @ 10 km, 60 s jog',
      '3 list3 3 x 1000 m @ 5 km, 3 min jog',
      '4  –',
      '5 list4 3 x 1000 m @ 5 km, 3 min jog',
      '6 list5 3 x 1000 m @ 5 km, 3 min jog',
    ]);
  });

  it('has its prelude and its strides every time; only the main set grows', () => {
    const family = own('full', '4 x 800 m @ 5-km, 2 min jog', {
      before: '2 x 200 m @ mile, 200 m jog',
      after: '4 x 100 m @ mile, 100 m walk',
    });
    expect(on('tuesday', alone(family), 2)).toEqual([
      '1 full1 2 x 200 m mile, 200 m jog; 4 x 800 m @ 5 km, 2 min jog; 4 x 100 m mile, 100 m walk',
      '2 full2 2 x 200 m mile, 200 m jog; 5 x 800 m @ 5 km, 2 min jog; 4 x 100 m mile, 100 m walk',
    ]);
  });

  it('is the same for an athlete of 20 km a week; where it is fitted, it is not', () => {
    const small = (family: Progression): BlockSpec => ({
      ...alone(family),
      volume: { start: 20_000, peak: 26_000 },
      longRun: { start: 7000, peak: 10_000 },
    });
    const long = own('long', '8 x 1000 m @ 10-km, 90 s jog');
    expect(on('tuesday', small(long), 1)).toEqual(['1 long1 8 x 1000 m @ 10 km, 90 s jog']);
    expect(on('tuesday', small({ ...long, fit: true }), 1)).not.toEqual([
      '1 long1 8 x 1000 m @ 10 km, 90 s jog',
    ]);
    // The grid tells how much of what is written was fitted in: all of a family that is not.
    const cells = rotationGrid(layOut(small(long)), ['tuesday']).flat();
    const parts = (isLong: boolean) =>
      cells.flatMap(({ family, fitted }) =>
        (family?.id === 'long') === isLong ? (fitted ?? []) : [],
      );
    expect(parts(true)).toEqual([]);
    expect(parts(false)).toContain(0.5);
    // What the week does not hold besides is said.
    expect(layOut(small(long)).findings.map(({ check }) => check)).toContain('fewer-run-days');
  });

  it('is as long as its words in the taper too, where it is asked for there', () => {
    const long = own('long', '8 x 1000 m @ 10-km, 90 s jog');
    const inTaper: BlockSpec = {
      ...marathon,
      families: [long],
      rotations: [{ on: 'tuesday', turn: ['long'], phases: ['taper'] }],
    };
    const block = layOut(inTaper);
    const tapering = block.weeks.filter(({ kind }) => kind === 'taper');
    const days = tapering.flatMap(({ days }) => days.filter((day) => mainOf(day)?.family));
    const tuesdays = days.filter(({ date }) => weekdayOf(date) === 'tuesday');
    expect(tuesdays.map((day) => mainOf(day)?.shorthand)).toEqual([
      '2 km easy; 8 x 1000 m @ 10 km, 90 s jog; 2.3 km easy',
      '2 km easy; 9 x 1000 m @ 10 km, 90 s jog; 2.1 km easy',
    ]);
    // 8 km, seven jogs of 90 s, and two times 2 km around them, in whole kilometres.
    expect(tuesdays.map(({ distance }) => distance)).toEqual([14_000, 15_000]);
    expect(block.findings.map(({ check }) => check)).toContain('week-over-wish');
  });

  it('comes down where its way is down', () => {
    const down = own('down', '6 x 1000 m @ 10-km, 90 s jog', { way: 'fewer-repetitions' });
    expect(on('tuesday', alone(down), 3)).toEqual([
      '1 down1 6 x 1000 m @ 10 km, 90 s jog',
      '2 down2 5 x 1000 m @ 10 km, 90 s jog',
      '3 down3 4 x 1000 m @ 10 km, 90 s jog',
    ]);
  });
});
