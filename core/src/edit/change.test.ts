import { describe, expect, it } from 'vitest';
import type { BlockSpec } from '../spec/index.js';
import { validateSpec } from '../layout/validate/index.js';
import { layOut } from '../lay-out.js';
import { marathon } from '../testing/examples.js';
import { applyChange } from './change.js';
import type { Command } from './command.js';
import { copyShape } from './copy-shape.js';
import { addEvent, changeEvent, removeEvent } from './events.js';
import { followingBlock } from './follow.js';
import { edgeRange, movePhaseEdge } from './phase-edge.js';
import { pinWeek, unpinWeek } from './pin-week.js';
import { toggleRecovery } from './recovery-weeks.js';
import { scaleWeeks } from './scale-weeks.js';
import { movePeak, setTaperDepth } from './shape.js';
import { shiftWeeks } from './shift-weeks.js';
import { unwaive, waive } from './waive.js';
import { dropWeek, insertWeek } from './whole-weeks.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const block = layOut(marathon);
/** The block after a command, which must be one that can be laid out. */
const after = (command: Command | undefined, before = block) => {
  const given = applyChange<BlockSpec>(before.spec, command?.change ?? {});
  expect(validateSpec(given)).toEqual([]);
  expect(validateSpec(given)).toEqual([]);
  return layOut(given);
};
const volumes = (of: typeof block) => of.weeks.map(({ volume }) => volume / 1000);

// 55 58 61 46 64 67 71 53 75 79 83 62 87 92 92 83 67 41
describe('commands', () => {
  it('pin and unpin, with words for the history', () => {
    const command = pinWeek(block, { week: 7, field: 'volume' }, 64_500, km);
    expect(command.message).toBe('Fixed week 7 at 64.5 km.');
    expect(after(command).weeks[6]?.volume).toBe(64_500);
    const long = pinWeek(block, { week: 9, field: 'longRun' }, 24_000, km);
    expect(long.message).toBe('Fixed week 9’s long run at 24 km.');
    expect(unpinWeek(after(long), 9, 'longRun').change.pins).toEqual([]);
  });

  it('scale the chosen weeks, in whole kilometres', () => {
    const command = scaleWeeks(block, [5, 6, 7], 0.9);
    expect(command.message).toBe('Scaled weeks 5–7 to 90%.');
    // 57.6, 60.3 and 63.9.
    expect(volumes(after(command)).slice(4, 7)).toEqual([58, 60, 64]);
  });

  it('never scale a week under its pinned long run', () => {
    const pinned = after(pinWeek(block, { week: 9, field: 'longRun' }, 24_000, km));
    expect(after(scaleWeeks(pinned, [9], 0.1), pinned).weeks[8]?.volume).toBe(24_000);
  });

  it('shift the chosen weeks later, and not out of the block', () => {
    const command = shiftWeeks(block, [5, 6, 7], 1);
    expect(command.message).toBe('Moved weeks 5–7 1 week later.');
    expect(volumes(after(command)).slice(5, 8)).toEqual([64, 67, 71]);
    expect(shiftWeeks(block, [18], 1).change.pins).toEqual([]);
    const earlier = shiftWeeks(block, [5, 6, 7], -2);
    expect(earlier.message).toBe('Moved weeks 5–7 2 weeks earlier.');
    expect(volumes(after(earlier)).slice(2, 5)).toEqual([64, 67, 71]);
  });

  it('copy a shape: weeks 5 to 7 grow by 3 and 7 of 64, from week 9’s 75', () => {
    const command = copyShape(block, [5, 6, 7], 9);
    // 75 × 67/64 is 78.5, 75 × 71/64 is 83.2.
    expect(volumes(after(command)).slice(8, 11)).toEqual([75, 79, 83]);
  });

  it('make recovery weeks, and building weeks again', () => {
    const made = toggleRecovery(block, [6]);
    expect(made.message).toBe('Made week 6 a recovery week.');
    expect(made.change.volume?.recovery?.weeks).toEqual([4, 6, 8, 12]);
    const back = toggleRecovery(after(made), [6, 8]);
    expect(back.message).toBe('Made weeks 6, 8 building weeks.');
    expect(back.change.volume?.recovery?.weeks).toEqual([4, 12]);
  });

  it('insert and drop a week: race day stays, pins keep to their weeks', () => {
    const pinned = after(pinWeek(block, { week: 9, field: 'volume' }, 70_000, km));
    const longer = after(insertWeek(pinned, 5), pinned);
    expect(longer.weeks).toHaveLength(19);
    expect(longer.spec).toMatchObject({ start: '2026-12-07', pins: [{ week: 10 }] });
    expect(longer.spec.race.date).toBe('2027-04-18');
    const shorter = after(dropWeek(longer, 5), longer);
    expect(shorter.spec).toEqual(pinned.spec);
    // What is fixed of the dropped week goes with it; weeks before stay, weeks after move up.
    const weekly = [4, 5, 6].map((week) => ({ week, volume: 50_000 + week }));
    const dropped = dropWeek(after({ change: { pins: weekly }, message: '' }), 5);
    expect(dropped?.change.pins).toEqual([
      { week: 4, volume: 50_004 },
      { week: 5, volume: 50_006 },
    ]);
    expect(dropWeek(layOut({ ...marathon, weeks: 4 }), 2)).toBeUndefined();
    expect(insertWeek(layOut({ ...marathon, weeks: 30 }), 2)).toBeUndefined();
  });

  it('move the edge of a phase, each neighbour keeping a week', () => {
    expect(block.phases.map(({ weeks }) => weeks)).toEqual([5, 5, 4, 1, 3]);
    const command = movePhaseEdge(block, 0, 4);
    expect(command.message).toBe('Speed starts in week 4.');
    expect(after(command).phases.map(({ weeks }) => weeks)).toEqual([3, 7, 4, 1, 3]);
    expect(edgeRange(block, 0)).toEqual({ least: 2, most: 10 });
    expect(after(movePhaseEdge(block, 0, 99)).phases.map(({ weeks }) => weeks)).toEqual([
      9, 1, 4, 1, 3,
    ]);
  });

  it('keep the rhythm of recovery weeks when a phase’s edge moves', () => {
    const closing = layOut({ ...marathon, phases: { layout: 'base-strength-intervals-taper' } });
    const moved = after(movePhaseEdge(closing, 1, 12), closing);
    const recovering = ({ weeks }: ReturnType<typeof layOut>) =>
      weeks.flatMap(({ recovery, number }) => (recovery ? [number] : []));
    expect(recovering(closing)).toEqual([4, 8, 12]);
    expect(recovering(moved)).toEqual([4, 8, 12]);
  });

  it('set the depth of the taper and the week of the peak', () => {
    // Of 7, 16, 15, 13 and 9 km two fifths each, in whole kilometres, and 4 on the eve.
    const command = setTaperDepth(block, 0.6);
    expect(command.message).toBe('Tapered race week by 60%.');
    expect(after(command).weeks.at(-1)?.volume).toBe(22_000);
    const peak = after(movePeak(block, 11));
    expect(volumes(peak).indexOf(92)).toBe(10);
  });

  it('place, change and take out what is on the way', () => {
    const event = { kind: 'away', name: 'Away', from: '2027-02-15', to: '2027-02-16' } as const;
    const placed = after(addEvent(block, event));
    expect(placed.spec.events).toEqual([event]);
    const changed = after(changeEvent(placed, 0, { ...event, to: '2027-02-17' }), placed);
    expect(changed.spec.events[0]?.to).toBe('2027-02-17');
    expect(after(removeEvent(changed, 0), changed).spec).toEqual(block.spec);
  });
});

describe('the next goal race', () => {
  it('hand-worked: two easy weeks after a marathon, then from 70% of 92 km', () => {
    const next = followingBlock(block, { name: 'Tidewrack Half', distance: 21_097.5 });
    // Sixteen weeks after 18 April is 8 August; easy until 2 May, so from Monday 3 May.
    expect(next.race.date).toBe('2027-08-08');
    const laid = layOut(next);
    expect(laid.spec.start).toBe('2027-05-03');
    expect(laid.spec.volume.start).toBe(64_000);
    // The last four weeks that were built: 83, 87, 92 and 92.
    expect(next.athlete?.recentWeeks?.map((week) => week / 1000)).toEqual([83, 87, 92, 92]);
    expect(laid.spec.longRun.start).toBe(19_000);
    expect(laid.findings.map(({ check }) => check)).not.toContain('races-too-close');
  });

  it('leaves room for a block that its distance asks for, and complains of nothing', () => {
    for (const [distance, least] of [
      [1500, 8],
      [5000, 8],
      [10_000, 8],
      [21_097.5, 10],
    ] as const) {
      const { date } = block.spec.race;
      const athlete = {
        recentWeeks: [50_000],
        results: [{ date, distance: 10_000, time: 2400 }],
      };
      const before = layOut({ race: { name: 'First', date, distance }, weeks: 12, athlete });
      const laid = layOut(followingBlock(before, { name: 'Next', distance }));
      expect(laid.weeks).toHaveLength(least);
      expect(laid.findings).toEqual([]);
    }
  });

  it('says so when it is too soon', () => {
    const soon = followingBlock(block, {
      name: 'Tidewrack Half',
      distance: 21_097.5,
      date: '2027-06-27',
    });
    expect(layOut(soon).findings.map(({ check }) => check)).toContain('races-too-close');
  });
});

describe('a waiver', () => {
  const title = 'Long run over its share';
  const check = 'long-run-over-share';
  const found = { title, check, value: 0.4, limit: 0.33 } as const;

  it('of what is found in no one week is of the check alone', () => {
    const { change, message } = waive(block, { ...found, weeks: [] }, 'As agreed.');
    expect(change.waivers).toStrictEqual([{ check, reason: 'As agreed.', value: 0.4 }]);
    expect(message).toBe('Waived “Long run over its share”: As agreed.');
  });

  it('is of each week with its own value, and goes over the one before; taken back, the others stay', () => {
    const each = [
      { weeks: [3], value: 0.35 },
      { weeks: [5], value: 0.4 },
    ].map((one) => ({ ...one, limit: 0.33 }));
    const old = { check, week: 5, reason: 'Once.', value: 0.36 };
    const other = { check: 'monotony', week: 5, reason: 'Travel.', value: 2 } as const;
    const waived = layOut({ ...marathon, waivers: [old, other] });
    const { change } = waive(waived, { ...found, weeks: [3, 5], each }, 'A hilly course.');
    const waivers = [
      other,
      { check, week: 3, reason: 'A hilly course.', value: 0.35 },
      { check, week: 5, reason: 'A hilly course.', value: 0.4 },
    ];
    expect(change.waivers).toStrictEqual(waivers);
    const back = unwaive(layOut({ ...marathon, waivers }), { ...found, weeks: [3] });
    expect(back.change.waivers).toEqual([waivers[0], waivers[2]]);
  });
});
