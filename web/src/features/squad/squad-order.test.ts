import { describe, expect, it } from 'vitest';
import { type SquadAthlete, needsALook, squadInOrder } from './squad-order.js';

type Level = 'stop' | 'caution' | 'note';

const athlete = (
  name: string,
  level: Level | null,
  race = '2027-04-18',
  need: Level | null = null,
): SquadAthlete => ({
  id: name,
  name,
  asks: 0,
  block: {
    id: name,
    glance: {
      race: { name: `${name}’s race`, date: race },
      start: '2027-01-04',
      measure: { basis: 'distance', unit: 'km', step: 1 },
      phases: [],
      weeks: [],
      worst: level && { level, title: '', message: '', others: 0 },
      days: [],
      next: { date: race, words: 'Race' },
    },
    need: need && { level: need, title: '', message: '' },
    lastWeek: null,
    lately: null,
    said: 0,
  },
});
const squad: SquadAthlete[] = [
  athlete('Idris Vale', 'note', '2027-04-18'),
  { id: 'new', name: 'Neve Orrin', asks: 0, block: null },
  athlete('Kit Sorrel', null, '2027-04-03'),
  athlete('Wren Castellan', 'stop', '2027-03-14'),
  athlete('Posy Arkwright', 'caution', '2027-03-28'),
];
const names = (all: SquadAthlete[]) => all.map(({ name }) => name.split(' ')[0]);

describe('the squad in order', () => {
  it('has who has run the race where those without a block are, and counts them', () => {
    const [first, ...others] = squad;
    if (!first?.block) throw new Error('no block');
    const { block } = first;
    const run = {
      ...first,
      block: { ...block, glance: { ...block.glance, worst: null, next: null } },
    };
    expect(names(squadInOrder([run, ...others], 'look', ''))).toEqual([
      'Wren',
      'Posy',
      'Idris',
      'Neve',
      'Kit',
    ]);
    expect(needsALook(run)).toBe(true);
    expect(needsALook(first)).toBe(false);
  });

  it('has who waits for an answer after the cautions, and counts them', () => {
    const asking = squad.map((each) => (each.name.startsWith('Kit') ? { ...each, asks: 1 } : each));
    expect(names(squadInOrder(asking, 'look', ''))).toEqual([
      'Wren',
      'Posy',
      'Kit',
      'Neve',
      'Idris',
    ]);
    expect(asking.filter(needsALook)).toHaveLength(squad.filter(needsALook).length + 1);
  });

  it('has first who needs a look: stops, cautions, no block, notes, the sound', () => {
    expect(names(squadInOrder(squad, 'look', ''))).toEqual([
      'Wren',
      'Posy',
      'Neve',
      'Idris',
      'Kit',
    ]);
    expect(squad.filter(needsALook)).toHaveLength(3);
  });

  it('goes by the graver of what the diary and the checks say', () => {
    const sick = athlete('Ottoline Brack', 'note', '2027-04-18', 'stop');
    const quick = athlete('Teodor Hask', null, '2027-03-20', 'caution');
    // Of two cautions the one that has happened goes first.

    expect(names(squadInOrder([...squad, quick, sick], 'look', '')).slice(0, 4)).toEqual([
      'Ottoline',
      'Wren',
      'Teodor',
      'Posy',
    ]);
    expect([quick, sick].every(needsALook)).toBe(true);
  });

  it('goes by name or by race day, without a race last', () => {
    expect(names(squadInOrder(squad, 'name', ''))).toEqual([
      'Idris',
      'Kit',
      'Neve',
      'Posy',
      'Wren',
    ]);
    expect(names(squadInOrder(squad, 'race', ''))).toEqual([
      'Wren',
      'Posy',
      'Kit',
      'Idris',
      'Neve',
    ]);
  });

  it('finds by a part of a name or a race', () => {
    expect(names(squadInOrder(squad, 'name', 'orr'))).toEqual(['Kit', 'Neve']);
    expect(names(squadInOrder(squad, 'name', 'vale’s race'))).toEqual(['Idris']);
    expect(squadInOrder(squad, 'look', 'nobody')).toEqual([]);
  });
});
