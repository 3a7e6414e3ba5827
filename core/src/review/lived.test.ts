import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type CivilDate, type Measure } from '../base/index.js';
import { applyChange } from '../edit/index.js';
import { type HandedOut, weekThen } from '../layout/index.js';
import { layOut } from '../lay-out.js';
import { asPlanned, type MorningNote, type RunEntry } from '../record/index.js';
import { rulesOf } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import { marathon } from '../testing/examples.js';
import { holdFor } from '../testing/hold-for.js';
import { writtenOut } from '../testing/written-out.js';
import { proposalsOf, reviewBlock } from './index.js';

/** What becomes of a day: run as planned, missed, ill, hurt, or shorter than planned. */
type Fate = 'run' | 'work' | 'ill' | 'hurt' | 'short';

/** Days of one fate in a row. */
interface Spell {
  fate: Fate;
  days: number;
}

/** A block lived day by day: what was handed out stands, what is proposed is taken. */
class Lived {
  block: ReturnType<typeof layOut>;
  readonly entries: RunEntry[] = [];
  readonly taken: string[] = [];
  private readonly mornings: MorningNote[] = [];
  private readonly kept = new Map<CivilDate, HandedOut>();

  constructor(private spec: BlockSpec) {
    this.block = layOut(spec);
    this.keep('');
  }

  /** The plan of a day and those after it, as it is kept with the block. */
  private keep(from: CivilDate): void {
    const weeks = JSON.parse(JSON.stringify(this.block.weeks)) as typeof this.block.weeks;
    for (const week of weeks) {
      for (const day of week.days) {
        if (day.date >= from) this.kept.set(day.date, { day, week: weekThen(week) });
      }
    }
  }

  /** One day, and the morning after it. */
  live(date: CivilDate, fate: Fate): void {
    const day = this.kept.get(date)?.day;
    if (!day) return;
    const planned = asPlanned(day);
    const ran = planned.map((entry) => ({
      ...entry,
      ...(fate === 'short' && { distance: 0.7 * (entry.distance ?? 0) }),
    }));
    if (fate === 'run' || fate === 'short') this.entries.push(...ran);
    else if (planned.length > 0) this.entries.push({ date, place: 0, kind: 'missed' });
    if (fate === 'ill') this.mornings.push({ date, ill: 'fever' });
    const sore = { where: 'left shin', level: 7, stride: true };
    if (fate === 'hurt') this.mornings.push({ date, sore });
  }

  private on(asOf: CivilDate) {
    const history = [...this.kept.values()].filter(({ day }) => day.date < asOf);
    return { asOf, history, record: this.entries };
  }

  /** What was handed out for the days before one, in metres. */
  handedOut(before: CivilDate) {
    const days = [...this.kept.values()].map(({ day }) => day);
    return days.filter(({ date }) => date < before).map((day) => [day.date, day.distance]);
  }

  proposed(today: CivilDate) {
    this.block = layOut(this.spec, this.on(today));
    const { block, entries, mornings } = this;
    const rules = rulesOf(block.spec);
    const measure: Measure = { ...block.spec.athlete, step: 1 };
    return proposalsOf(reviewBlock({ block, rules, today, entries, mornings }), measure);
  }

  /** Takes what is proposed first, and says its key; undefined where nothing changes. */
  take(today: CivilDate): string | undefined {
    const proposal = this.proposed(today).find(({ command }) => command);
    if (!proposal?.command) return undefined;
    this.spec = applyChange(this.spec, proposal.command.change);
    this.block = layOut(this.spec, this.on(today));
    this.keep(today);
    this.taken.push(proposal.key);
    return proposal.key;
  }

  /** Lives spells in a row from the first day on, and takes what is proposed on Mondays. */
  through(spells: readonly Spell[]): this {
    let date = this.block.spec.start;
    for (const { fate, days } of spells) {
      for (let day = 0; day < days; day++) {
        this.live(date, fate);
        date = addDays(date, 1);
        if (new Date(date).getUTCDay() === 1) this.take(date);
      }
    }
    return this;
  }
}

const volumes = ({ block }: Lived) => block.weeks.map(({ volume }) => volume / 1000);

describe('a block that is lived', () => {
  it('with ten days missed, climbs on from what is held and never goes back to what was', () => {
    const lived = new Lived(marathon).through([
      { fate: 'run', days: 7 * 6 },
      { fate: 'work', days: 14 },
      { fate: 'run', days: 7 * 5 },
    ]);
    // Week 6 was run whole: 70 km. Half of it, seven tenths, then a tenth more a week.
    const full = volumes(lived)[5] ?? 0;
    expect(lived.taken.at(-1)).toBe('steps-back');
    expect(volumes(lived).slice(8, 11)).toEqual([
      Math.floor(0.5 * full),
      Math.floor(0.7 * full),
      Math.floor(1.1 * Math.floor(0.7 * full)),
    ]);
    expect(lived.block.weeks[9]).toMatchObject({ kind: 'building', recovery: false });
  });

  it('with a week run short, is carried on from it once, not every week anew', () => {
    const lived = new Lived(marathon).through([
      { fate: 'run', days: 7 * 4 },
      { fate: 'short', days: 7 },
      { fate: 'run', days: 35 },
    ]);
    expect(lived.taken).toEqual(['carry-on']);
  });

  it('is lightened once for days missed: taken, the week stands and is not cut again', () => {
    const lived = new Lived(marathon);
    const { start } = lived.block.spec;
    for (let day = 0; day < 7 * 5; day++) lived.live(addDays(start, day), 'run');
    for (let day = 7 * 5; day < 7 * 5 + 5; day++) lived.live(addDays(start, day), 'work');
    const today = addDays(start, 7 * 5 + 5);
    expect(lived.take(today)).toBe('lighter-week');
    const volume = lived.block.weeks[6]?.volume;
    expect(lived.take(today)).toBeUndefined();
    expect(lived.proposed(today)[0]).toMatchObject({
      title: 'Leave week 7 as it is',
      because: expect.stringContaining('is fixed already') as string,
    });
    expect(lived.block.weeks[6]?.volume).toBe(volume);
  });

  it('leaves a week of rest as it is after days missed', () => {
    const lived = new Lived(marathon).through([{ fate: 'run', days: 7 * 6 + 1 }]);
    const { start } = lived.block.spec;
    // Tuesday to Saturday of week 7 missed; week 8 rests.
    for (let day = 7 * 6 + 1; day < 7 * 6 + 6; day++) lived.live(addDays(start, day), 'work');
    const [first] = lived.proposed(addDays(start, 7 * 6 + 6));
    expect(first).toMatchObject({ title: 'Leave week 8 as it is', command: undefined });
    expect(first?.because).toContain('is a recovery week already');
  });

  it('ill, runs no test on the way back, and holds its fixed weeks lower', () => {
    const test = { kind: 'test', name: 'Time trial', from: '2027-01-30', distance: 5000 } as const;
    const pins = [{ week: 7, volume: 60_000, longRun: 20_000 }];
    const lived = new Lived({ ...marathon, events: [test], pins });
    const { start } = lived.block.spec;
    // Week 6 ends on Sunday 24 January: ill from that Monday on.
    for (let day = 0; day < 7 * 6; day++) lived.live(addDays(start, day), 'run');
    for (let day = 7 * 6; day < 7 * 6 + 4; day++) lived.live(addDays(start, day), 'ill');
    const today = addDays(start, 7 * 6 + 4);
    const [illness] = lived.proposed(today);
    expect(illness?.because).toContain('Left out: the test on Sat 30 Jan.');
    expect(illness?.because).toContain('The weeks you fixed are made lighter too.');
    expect(lived.take(today)).toBe('illness');
    const { events, pins: lowered } = lived.block.spec;
    expect(events.map(({ kind }) => kind)).toEqual(['illness']);
    // Its long run is on the way back: it is laid like other weeks.
    expect(lowered).toEqual([]);
    expect(lived.block.weeks[6]?.longRun).toBeLessThan(20_000);
    const stops = lived.block.findings.filter(({ level }) => level === 'stop');
    expect(stops.map(({ message }) => message)).toEqual([]);
  });

  it('hurt for longer, comes back for as long as all of it: one hurt, not several', () => {
    const lived = new Lived(marathon);
    const { start } = lived.block.spec;
    for (let day = 0; day < 7 * 5; day++) lived.live(addDays(start, day), 'run');
    for (let day = 7 * 5; day < 7 * 7; day++) {
      lived.live(addDays(start, day), 'hurt');
      lived.take(addDays(start, day + 1));
    }
    const hurt = lived.block.spec.events.filter(({ kind }) => kind === 'illness');
    expect(hurt).toHaveLength(1);
    expect(hurt[0]?.name).toBe('Hurt');
  });

  it('hurt anew, leaves an illness of long ago as it was, though nothing is recorded since', () => {
    const ill = { kind: 'illness', name: 'Ill', from: '2026-12-21', to: '2026-12-23' } as const;
    const lived = new Lived({ ...marathon, events: [ill] });
    const { start } = lived.block.spec;
    lived.live(addDays(start, 60), 'hurt');
    expect(lived.take(addDays(start, 61))).toBe('stop-running');
    const [before, hurt] = lived.block.spec.events;
    expect(before).toEqual(ill);
    expect(hurt).toMatchObject({ name: 'Hurt', from: addDays(start, 61) });
  });

  it('keeps a missed session out of a week of rest', () => {
    const lived = new Lived(marathon);
    const { start } = lived.block.spec;
    // Friday of week 7 is missed; week 8 rests.
    const friday = 7 * 6 + 4;
    for (let day = 0; day < friday; day++) lived.live(addDays(start, day), 'run');
    lived.live(addDays(start, friday), 'work');
    const keys = lived.proposed(addDays(start, friday + 1)).map(({ key }) => key);
    expect(keys).toEqual(['go-on']);
  });

  it('as its coach wrote it, is lightened too: runs shorter, rests as they are, sessions in its second half', () => {
    const lived = new Lived(writtenOut(marathon));
    const { start } = lived.block.spec;
    for (let day = 0; day < 7 * 5; day++) lived.live(addDays(start, day), 'run');
    for (let day = 7 * 5; day < 7 * 5 + 5; day++) lived.live(addDays(start, day), 'work');
    const before = lived.block.weeks[6];
    expect(before?.volume).toBe(71_000);
    const today = addDays(start, 7 * 5 + 5);
    // 75% of 71 km are 53, and the 67 of week 6 less 22% are 52.
    expect(lived.proposed(today)[0]?.title).toBe(
      'Week 7 at 52 km, nothing hard before its second half',
    );
    expect(lived.take(today)).toBe('lighter-week');
    const after = lived.block.weeks[6];
    // And 75% of its 24 km.
    expect([after?.distance, after?.longRun]).toEqual([52_000, 18_000]);
    const roles = (week: typeof after) => week?.days.map(({ role }) => role);
    expect(roles(before)?.[1]).toBe('quality');
    expect(roles(after)?.slice(0, 4)).toEqual(['easy', 'easy', 'easy', 'rest']);
    expect(after?.days[4]?.sessions.map(({ shorthand }) => shorthand)).toEqual(
      before?.days[4]?.sessions.map(({ shorthand }) => shorthand),
    );
    // Taken, it is not cut again.
    expect(lived.take(today)).toBeUndefined();
    expect(volumes(lived)[7]).toBe(53);
  });

  it('as its coach wrote it, is climbed on from by steps, its fixed weeks no heavier than that', () => {
    const lived = new Lived(writtenOut(marathon)).through([
      { fate: 'run', days: 7 * 6 },
      { fate: 'work', days: 14 },
    ]);
    expect(lived.taken.at(-1)).toBe('steps-back');
    // Half and seven tenths of the 67 km of week 6; a tenth more, a week of rest a quarter
    // lower, two tenths more; the taper, as it was written, no more than that.
    const held = [33, 46, 50, 37, 55, 60, 66, 66, 62];
    expect(volumes(lived).slice(8, 17)).toEqual(held);
    const run = lived.block.weeks.slice(8, 17).map(({ distance }) => Math.round(distance / 1000));
    expect(run).toEqual(held);
    expect(lived.block.weeks[8]?.days.some(({ hardTime }) => hardTime > 0)).toBe(false);
    const found = lived.block.findings.map(({ check }) => check);
    expect(found).not.toContain('growth-over-cap');
    expect(found).not.toContain('week-over-wish');
    // Its peak is the heaviest week that is left of it.
    expect(lived.block.spec.volume.peak).toBe(66_000);
    expect(found).not.toContain('not-feasible');
  });

  it('as its coach wrote it, is come back to from illness: easily, and first by the shortest run', () => {
    const lived = new Lived(writtenOut(marathon));
    const { start } = lived.block.spec;
    for (let day = 0; day < 7 * 6; day++) lived.live(addDays(start, day), 'run');
    // Ill from Monday to Friday of week 7, and on the Saturday it is noted.
    for (let day = 7 * 6; day < 7 * 6 + 5; day++) lived.live(addDays(start, day), 'ill');
    expect(lived.take(addDays(start, 7 * 6 + 5))).toBe('illness');
    const [sunday] = lived.block.weeks[6]?.days.slice(6) ?? [];
    expect(sunday?.distance).toBeLessThanOrEqual(4000);
    const back = lived.block.weeks[7]?.days.slice(0, 5) ?? [];
    expect(back.some(({ hardTime }) => hardTime > 0)).toBe(false);
    // Three quarters of 4, 9, 9 and 8 km, down to whole ones; its Saturday stays as written.
    expect(lived.block.weeks[7]?.days[5]?.distance).toBe(5000);
    expect(lived.block.findings.filter(({ level }) => level === 'stop')).toEqual([]);
  });

  it('whatever becomes of its days: what was handed out stands, and what is taken is taken', () => {
    const fate = fc.constantFrom<Fate>('run', 'run', 'run', 'work', 'ill', 'hurt', 'short');
    const spells = fc.array(fc.record({ fate, days: fc.integer({ min: 1, max: 16 }) }), {
      maxLength: 14,
    });
    const race = fc.constantFrom(1500, 5000, 21_097.5, 42_195);
    holdFor(
      fc.property(spells, race, fc.integer({ min: 3, max: 7 }), fc.boolean(), (...drawn) => {
        const [lives, distance, runDays, isWritten] = drawn;
        const { athlete, weekStartsOn } = marathon;
        const laid: BlockSpec = {
          athlete,
          weekStartsOn,
          race: { name: 'Gullstone 10', date: '2027-04-18', distance },
          weeks: 14,
          week: { runDays },
        };
        const lived = new Lived(isWritten ? writtenOut(laid) : laid);
        let date = lived.block.spec.start;
        const over = () =>
          lived.block.weeks
            .flatMap((week) => week.days)
            .filter((each) => each.date < date)
            .map((each) => [each.date, each.distance]);
        for (const { fate: of, days } of lives) {
          for (let day = 0; day < days && date < '2027-04-18'; day++) {
            lived.live(date, of);
            date = addDays(date, 1);
          }
          const key = lived.take(date);
          expect(over()).toEqual(lived.handedOut(date));
          // Weeks that were set by what was taken are not set anew the same day.
          const again = lived.proposed(date).find((each) => each.key === key)?.command;
          expect(again?.change.pins ?? lived.block.spec.pins).toEqual(lived.block.spec.pins);
        }
        expect(lived.block.weeks.every(({ volume }) => Number.isFinite(volume))).toBe(true);
      }),
      // Each lays its block out some fifty times.
      { fixed: 15, random: 5 },
    );
  });
});
