import { describe, expect, it } from 'vitest';
import { defaultPaces } from '../../paces/index.js';
import { resolveSpec } from '../../layout/index.js';
import { applyChange, type Command } from '../index.js';
import { marathon } from '../../testing/examples.js';
import { choosePaceAim, repace, takeBackRepacing, takePaces, toggleDistance } from './repace.js';
import { addResult, choosePaceModel, removeResult, setHeart } from './results.js';

const of = { spec: resolveSpec(marathon) };
const after = ({ change }: Command) => resolveSpec(applyChange(marathon, change));
const trial = { date: '2027-02-07', distance: 5000, time: 1146, name: 'Time trial' };
const early = { date: '2026-09-01', distance: 5000, time: 1200 };

describe('results', () => {
  it('are kept by date, whatever the order they are entered in', () => {
    const { results } = after(addResult(of, early)).athlete;
    expect(results.map(({ date }) => date)).toEqual(['2026-09-01', '2026-11-08']);
    expect(of.spec.athlete.results).toHaveLength(1);
  });

  it('are named in the history by what they are', () => {
    expect(addResult(of, trial).message).toBe('Entered Time trial in 19:06 on Sun 7 Feb 2027.');
    expect(addResult(of, early).message).toBe('Entered 5 km in 20:00 on Tue 1 Sep 2026.');
    expect(removeResult(of, 0).message).toBe('Removed 10 km in 40:30 on Sun 8 Nov 2026.');
  });

  it('are taken out one at a time, and nothing else of the athlete with them', () => {
    const { athlete } = after(removeResult(of, 0));
    expect(athlete).toEqual({ ...of.spec.athlete, results: [] });
    expect(after(removeResult(of, 7)).athlete).toEqual(of.spec.athlete);
  });

  it('go with a model and heart rates', () => {
    expect(after(choosePaceModel(of, 'ladder')).athlete.paceModel).toBe('ladder');
    expect(choosePaceModel(of, 'ladder').message).toBe('Paces by ladder.');
    const { athlete } = after(setHeart(of, { maxHeart: 188, restHeart: 46 }));
    expect(athlete).toMatchObject({ maxHeart: 188, restHeart: 46 });
  });
});

describe('re-pacing', () => {
  const twice = {
    spec: after(repace({ spec: after(repace(of, '2027-03-01')) }, '2027-02-08')),
  };

  it('keeps its days in order, and each once', () => {
    expect(twice.spec.paces.repaced).toEqual(['2027-02-08', '2027-03-01']);
    expect(after(repace(twice, '2027-02-08')).paces.repaced).toEqual(['2027-02-08', '2027-03-01']);
    expect(repace(of, '2027-02-08').message).toBe('Re-paced from Mon 8 Feb on.');
  });

  it('is taken back day by day', () => {
    expect(after(takeBackRepacing(twice, '2027-02-08')).paces.repaced).toEqual(['2027-03-01']);
  });
});

describe('the paces of a block', () => {
  it('aim at what is chosen, in words', () => {
    const command = choosePaceAim(of, 'walk');
    expect(after(command).paces).toEqual({ ...of.spec.paces, aim: 'walk' });
    expect(command.message).toBe('Paces: from current to goal.');
  });

  it('take a table over whole', () => {
    const table = defaultPaces.slice(1, 4);
    expect(after(takePaces(of, table)).paces.table).toEqual(table);
  });

  it('hold distances of the coach’s own, in order, until they are taken out', () => {
    const one = { spec: after(toggleDistance(of, 12_000)) };
    const two = { spec: after(toggleDistance(one, 2000)) };
    expect(two.spec.paces.distances).toEqual([2000, 12_000]);
    expect(after(toggleDistance(two, 12_000)).paces.distances).toEqual([2000]);
    expect(toggleDistance(two, 2000).message).toBe('Removed 2000 m among the equivalents.');
  });
});
