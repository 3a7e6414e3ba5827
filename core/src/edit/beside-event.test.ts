import { describe, expect, it } from 'vitest';
import { layOut } from '../lay-out.js';
import type { BlockEvent } from '../spec/days/index.js';
import { marathon } from '../testing/examples.js';
import { addEvent, applyChange, changeEvent } from './index.js';

/** 18 weeks with nothing placed: the product's own time trials stand on Fridays of weeks 8 and 12. */
const { events: _, ...open } = marathon;
const block = layOut(open);
const OWN = '2027-02-05';
const LATER = '2027-03-05';
const ten = (from: string): BlockEvent => ({
  kind: 'tune-up-race',
  name: 'Kestrel Ness 10',
  from,
  distance: 10_000,
});
const testsBeside = (event: BlockEvent, today?: string) => {
  const { change, message } = addEvent(block, event, { today });
  const tests = change.events?.filter(({ kind }) => kind === 'test').map(({ from }) => from);
  return { tests, message };
};

it('has tests of its own to begin with', () => {
  expect(block.spec.events.map(({ kind, from }) => [kind, from])).toEqual([
    ['test', OWN],
    ['test', LATER],
  ]);
});

describe('a test that the product chose', () => {
  it('stands aside for a race too near it, and says so', () => {
    // After 5 km two easy days, before 10 km three, and a day to race on: six days.
    expect(testsBeside(ten('2027-02-11')).tests).toEqual([OWN, LATER]);
    const near = testsBeside(ten('2027-02-10'));
    expect(near.tests).toEqual([LATER]);
    expect(near.message).toBe(
      'Added Kestrel Ness 10 on Wed 10 Feb. The time trial on Fri 5 Feb is left out for it.',
    );
    // After 10 km three easy days, and the eve of a test: five days.
    expect(testsBeside(ten('2027-01-31')).tests).toEqual([OWN, LATER]);
    expect(testsBeside(ten('2027-02-01')).tests).toEqual([LATER]);
  });

  it('stands aside for days away on which it would fall, and for no others', () => {
    const away = (from: string, to: string): BlockEvent => ({
      kind: 'away',
      name: 'Away',
      from,
      to,
    });
    expect(testsBeside(away('2027-02-04', OWN)).tests).toEqual([LATER]);
    expect(testsBeside(away('2027-02-06', '2027-02-09')).tests).toEqual([OWN, LATER]);
    expect(testsBeside({ ...away('2027-02-04', OWN), kind: 'camp' }).tests).toEqual([OWN, LATER]);
  });

  it('is named, and so are two of them', () => {
    const summer = { kind: 'holiday', name: 'Away', from: OWN, to: LATER } as const;
    expect(testsBeside(summer)).toEqual({
      tests: [],
      message:
        'Added Away on Fri 5 Feb. The time trials on Fri 5 Feb and Fri 5 Mar are left out for it.',
    });
  });

  it('stays where it has been run', () => {
    expect(testsBeside(ten('2027-02-09'), '2027-02-06').tests).toEqual([OWN, LATER]);
  });

  it('stands aside for an event that is moved near it, which keeps its place in the list', () => {
    const placed = layOut(applyChange(open, addEvent(block, ten('2027-01-24')).change));
    const { change } = changeEvent(placed, 0, ten('2027-02-07'));
    expect(change.events?.map(({ from }) => from)).toEqual(['2027-02-07', LATER]);
  });
});

it('a test that the coach placed stays, and what stands too near it is found', () => {
  const own: BlockEvent = { kind: 'test', name: 'Three laps', from: OWN, distance: 3000 };
  const written = layOut({ ...marathon, events: [own] });
  const { change } = addEvent(written, ten('2027-02-07'));
  expect(change.events).toEqual([own, ten('2027-02-07')]);
  const after = layOut(applyChange(written.spec, change));
  const found = after.findings.find(({ check }) => check === 'races-too-close');
  expect(found).toMatchObject({ dates: [OWN, '2027-02-07'], value: 2 });
});
