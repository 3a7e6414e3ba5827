import { describe, expect, it } from 'vitest';
import { layOut } from '../lay-out.js';
import type { BlockEvent } from '../spec/days/index.js';
import { marathon } from '../testing/examples.js';
import { writtenOut } from '../testing/written-out.js';
import { addEvent, applyChange, changeEvent } from './index.js';
import { writeCells } from './sheet/index.js';

// Its week 9 begins on Monday 8 February 2027: 5, 13 hard, 13, 0, 11 hard, 7 and 26 km long.
const plan = writtenOut(marathon);
const written = layOut(plan);
const kmOf = (block: typeof written, week: number) =>
  (block.weeks[week - 1]?.days ?? []).map(({ distance }) => distance / 1000);
const stops = ({ findings }: typeof written) =>
  findings.filter(({ level }) => level === 'stop').map(({ check }) => check);

function withEvent(event: BlockEvent) {
  const command = addEvent(written, event);
  return { ...command, after: layOut(applyChange(plan, command.change)) };
}

describe('an event on a block that is written out', () => {
  it('is a race that its week is made for', () => {
    const { after, message } = withEvent({
      kind: 'tune-up-race',
      name: 'Pier Ten',
      from: '2027-02-14',
      distance: 10_000,
    });
    const [before, week] = [written.weeks[8], after.weeks[8]];
    expect(before?.days.map(({ role }) => role)).toEqual([
      ...['easy', 'quality', 'easy', 'rest', 'quality', 'easy', 'long'],
    ]);
    // Friday is easy, two days before it; the eve is short; it is the week’s long run.
    expect(week?.days.map(({ role }) => role)).toEqual([
      ...['easy', 'quality', 'easy', 'rest', 'easy', 'easy', 'tune-up'],
    ]);
    expect(week?.days[5]?.distance).toBeLessThan(7000);
    expect(week?.distance).toBeLessThan(before?.distance ?? 0);
    expect(week?.longRun).toBe(0);
    // Monday to Wednesday are as they were written, and so is the week before.
    expect(kmOf(after, 9).slice(0, 3)).toEqual(kmOf(written, 9).slice(0, 3));
    expect(kmOf(after, 8)).toEqual(kmOf(written, 8));
    expect(message).toBe('Added Pier Ten on Sun 14 Feb. What was written around it gives way.');
    expect(stops(after)).toEqual([]);
  });

  it('is a test with easy days beside it, in a week of as much', () => {
    const { after } = withEvent({ kind: 'test', name: 'Time trial', from: '2027-02-10' });
    expect(after.weeks[8]?.days.slice(1, 4).map(({ role }) => role)).toEqual([
      ...['easy', 'test', 'rest'],
    ]);
    expect(after.weeks[8]?.volume).toBe(written.weeks[8]?.volume);
    expect(after.weeks[8]?.longRun).toBe(written.weeks[8]?.longRun);
  });

  it('takes from its week what would have been run on days away', () => {
    const { after } = withEvent({
      kind: 'away',
      name: 'Away',
      from: '2027-02-09',
      to: '2027-02-10',
      running: 0,
    });
    // 13 and 13 of 75 km.
    expect(after.weeks[8]?.volume).toBe(49_000);
    expect(kmOf(after, 9)).toEqual([5, 0, 0, 0, 11, 7, 26]);
  });

  it('is an illness that is come back to from as on any block', () => {
    const { after } = withEvent({
      kind: 'illness',
      name: 'A cold',
      from: '2027-02-08',
      to: '2027-02-12',
    });
    expect(stops(after)).toEqual([]);
    expect(kmOf(after, 9).slice(0, 5)).toEqual([0, 0, 0, 0, 0]);
    // Tuesday of week 10 is the fourth day back: nothing hard until Wednesday.
    expect(after.weeks[9]?.days.slice(0, 3).some(({ hardTime }) => hardTime > 0)).toBe(false);
    expect(written.weeks[9]?.days[1]?.hardTime).toBeGreaterThan(0);
  });

  it('leaves what is written as it is where the coach says so', () => {
    const event = { kind: 'test', name: 'Time trial', from: '2027-02-10' } as const;
    const { change, message } = addEvent(written, event, { makesRoom: false });
    expect(Object.keys(change)).toEqual(['events']);
    expect(message).toBe('Added Time trial on Wed 10 Feb.');
    const placed = layOut(applyChange(plan, change));
    expect(placed.weeks[8]?.days[1]?.role).toBe('quality');
    expect(Object.keys(changeEvent(placed, 0, event, { makesRoom: false }).change)).toEqual([
      'events',
    ]);
  });

  it('keeps a long run that the coach wants beside a race', () => {
    const day = { from: '2027-02-10', distance: 5000, isLongRun: false };
    const { change } = addEvent(written, { kind: 'tune-up-race', name: 'Pier Five', ...day });
    const pin = change.pins?.find(({ week }) => week === 9);
    expect(pin).toEqual({ week: 9, longRun: 26_000 });
  });

  it('may be typed into the sheet', () => {
    const { command } = writeCells(
      written,
      [{ cell: { kind: 'day', date: '2027-02-14' }, text: '10k race' }],
      { basis: 'distance', unit: 'km', step: 1 },
    );
    const after = layOut(applyChange(plan, command?.change ?? {}));
    expect(after.weeks[8]?.days.slice(4).map(({ role }) => role)).toEqual([
      ...['easy', 'easy', 'tune-up'],
    ]);
    expect(after.weeks[8]?.longRun).toBe(0);
    expect(command?.message).toBe(
      'Wrote “10k race” for Sun 14 Feb. What was written around it gives way.',
    );
  });

  it('is made room for where it is moved to', () => {
    const event = { kind: 'test', name: 'Time trial', distance: 3000 } as const;
    const placed = layOut({ ...plan, events: [{ ...event, from: '2027-02-03' }] });
    const { change } = changeEvent(placed, 0, { ...event, from: '2027-02-10' });
    const after = layOut(applyChange(placed.spec, change));
    expect(after.weeks[8]?.days[1]?.role).toBe('easy');
  });

  it('changes nothing else where nothing is written', () => {
    const event = { kind: 'test', name: 'Time trial', from: '2027-02-10' } as const;
    const { change, message } = addEvent(layOut(marathon), event);
    expect(Object.keys(change)).toEqual(['events']);
    expect(message).toBe('Added Time trial on Wed 10 Feb.');
  });
});
