import { describe, expect, it } from 'vitest';
import { addDays, type CivilDate, type Measure } from '../base/index.js';
import { applyChange } from '../edit/index.js';
import { layOut } from '../lay-out.js';
import { type Block, isHardRunning } from '../layout/block/index.js';
import type { BlockEvent } from '../spec/days/index.js';
import type { BlockSpec } from '../spec/index.js';
import { marathon } from '../testing/examples.js';
import { missed, type Otherwise, reviewOn } from '../testing/recorded.js';
import { writtenOut } from '../testing/written-out.js';
import { patternsOf, proposalsOf } from './index.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const block = layOut(marathon);

/** The dates of some days of a week, Monday first. */
function datesOf(week: number, ...days: number[]): CivilDate[] {
  const start = block.weeks[week - 1]?.start ?? '';
  return days.map((day) => addDays(start, day));
}

/** What is proposed on a day, by its key. */
function proposedOn(
  today: CivilDate,
  otherwise: Otherwise,
  { of = block, mornings = [] }: { of?: Block; mornings?: Parameters<typeof reviewOn>[3] } = {},
) {
  const proposals = proposalsOf(reviewOn(of, today, otherwise, mornings), km);
  return new Map(proposals.map((proposal) => [proposal.key, proposal]));
}

/** A block with one proposal taken. */
function taken(proposals: ReturnType<typeof proposedOn>, key: string, of: Block = block) {
  const command = proposals.get(key)?.command;
  if (!command) throw new Error(`There is nothing to take of ${key}.`);
  return layOut(applyChange(of.spec, command.change));
}

describe('days missed, with runs again since', () => {
  // Monday to Friday of week 6 missed, its Saturday run.
  const week6 = missed(datesOf(6, 0, 1, 2, 3, 4));
  const [sunday = '', monday = ''] = datesOf(6, 6, 7);

  it('are answered until the week after them begins, and none of their sessions is run later', () => {
    for (const today of [sunday, monday]) {
      const proposals = proposedOn(today, week6);
      expect([...proposals.keys()]).toEqual(['lighter-week']);
      expect(proposals.get('lighter-week')?.title).toMatch(/^Week 7 at /);
    }
    const told = (today: CivilDate) =>
      patternsOf(reviewOn(block, today, week6)).map(({ code, value }) => [code, value]);
    expect(told(sunday)).toEqual([['days-missed', 5]]);
    // On its Tuesday week 7 has begun: nothing says that they cost nothing.
    expect([...proposedOn(addDays(monday, 1), week6).keys()]).toEqual([]);
  });

  it('where they were few, leave the climb as it is, the long run among them', () => {
    const [long = ''] = datesOf(6, 6);
    expect([...proposedOn(monday, missed([long])).keys()]).toEqual(['go-on']);
  });

  it('where what was run falls short anyhow, are no reason to go on as planned', () => {
    const runs = [6, 7].flatMap((week) => block.weeks[week - 1]?.days ?? []);
    const short = Object.fromEntries(
      runs.map(({ date, distance }) => [date, distance > 0 ? [{ distance: 0.6 * distance }] : []]),
    );
    const [last = ''] = datesOf(7, 6);
    const keys = [...proposedOn(addDays(last, 1), { ...short, ...missed([last]) }).keys()];
    expect(keys).toContain('carry-on');
    expect(keys).not.toContain('go-on');
  });
});

it('a lighter week is one of rest: the climb goes on from the week before the days missed', () => {
  const growth = { school: 'fixed-step', step: 6000 } as const;
  const of = layOut({ ...marathon, volume: { ...marathon.volume, growth } });
  // Week 1 holds 55 km and week 2 61; three quarters of 61 are 45, and 55 less 22% are 42.
  expect(of.weeks[1]?.volume).toBe(61_000);
  const [monday = ''] = datesOf(2, 0);
  const gone = missed(datesOf(1, 0, 1, 2, 4, 5, 6));
  const after = taken(proposedOn(monday, gone, { of }), 'lighter-week', of);
  expect(after.weeks[1]).toMatchObject({ volume: 42_000, recovery: true });
  expect(after.weeks[2]?.volume).toBe(61_000);
});

describe('back by steps after days missed', () => {
  // Ten days from the Friday of week 5 on: the steps are weeks 7 and, week 8 resting, 8 and 9.
  const gone = missed(datesOf(5, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13));
  const [monday = ''] = datesOf(7, 0);

  it('counts the recovery weeks on from the last of them, and says so', () => {
    const proposals = proposedOn(monday, gone);
    expect(proposals.get('steps-back')?.because).toContain(
      'The next recovery week is then week 13.',
    );
    const after = taken(proposals, 'steps-back');
    const due = (of: Block) => of.weeks.flatMap((week) => (week.recoveryDue ? [week.number] : []));
    expect(due(block)).toEqual([4, 8, 12]);
    expect(due(after)).toEqual([4, 8, 13]);
  });

  it('climbs to the peak that can then be reached, where nobody asked for another', () => {
    const ask = (volume: BlockSpec['volume'], longRun: BlockSpec['longRun']) => {
      // As the plan page keeps it: every answer written down.
      const of = layOut(layOut({ ...marathon, volume, longRun }).spec);
      const after = taken(proposedOn(monday, gone, { of }), 'steps-back', of);
      return { of, after, found: after.findings.map(({ check }) => check) };
    };
    const open = ask({ start: 55_000 }, { start: 19_000 });
    expect(open.after.spec.volume.peak).toBeLessThan(open.of.spec.volume.peak);
    expect(open.found).not.toContain('not-feasible');
    const asked = ask({ start: 55_000, peak: 92_000 }, { start: 19_000 });
    expect(asked.after.spec.volume.peak).toBe(92_000);
    expect(asked.found).toContain('not-feasible');
  });

  it('moves none that the coach placed, but for one that comes too soon', () => {
    const placed = (weeks: number[]): BlockSpec => ({
      ...marathon,
      volume: { ...marathon.volume, recovery: { every: 4, depth: 0.25, weeks } },
    });
    const dueAfter = (weeks: number[]) => {
      const of = layOut(placed(weeks));
      const after = taken(proposedOn(monday, gone, { of }), 'steps-back', of);
      return after.weeks.flatMap((week) => (week.recoveryDue ? [week.number] : []));
    };
    expect(dueAfter([4, 11])).toEqual([4, 11]);
    expect(dueAfter([4, 10, 13])).toEqual([4, 13]);
  });

  it('leaves the long run the longest by the house rule, however light the step', () => {
    // Three runs of at most 0.85 of the long one beside it: 135 minutes need one of 45, not 40.
    const spec: BlockSpec = {
      athlete: { basis: 'time', recentWeeks: [13_200, 13_800, 14_100, 14_400] },
      race: { name: 'Tidewrack Half', date: '2027-06-13', distance: 21_097.5 },
      weeks: 13,
      week: { runDays: 4 },
    };
    const of = layOut(spec);
    const from = of.weeks[3]?.days[4]?.date ?? '';
    const dates = Array.from({ length: 10 }, (_, day) => addDays(from, day));
    const today = of.weeks[5]?.start ?? '';
    const after = taken(proposedOn(today, missed(dates), { of }), 'steps-back', of);
    const [longest = 0, second = 0] = (after.weeks[5]?.days ?? [])
      .map(({ time }) => time)
      .sort((one, other) => other - one);
    expect(second).toBeLessThanOrEqual(0.85 * longest);
  });
});

describe('back from a hurt', () => {
  const sore = (date: CivilDate) => ({
    date,
    sore: { where: 'left shin', level: 7, stride: true },
  });
  const hurtOn = datesOf(7, 0);

  it('nothing is hard for the quiet days of a niggle', () => {
    const monday = datesOf(5, 0);
    const [tuesday = ''] = datesOf(5, 1);
    const proposals = proposedOn(tuesday, missed(monday), { mornings: monday.map(sore) });
    const after = taken(proposals, 'stop-running');
    const to = after.spec.events.find(({ kind }) => kind === 'illness')?.to ?? '';
    const quiet = after.weeks
      .flatMap(({ days }) => days)
      .filter(({ date }) => date > to && date <= addDays(to, 7));
    expect(quiet).toHaveLength(7);
    expect(quiet.filter(isHardRunning)).toEqual([]);
  });

  it('is by short runs, and what they are shorter by is run on no other day', () => {
    const hurt = {
      kind: 'illness',
      name: 'Hurt',
      from: hurtOn[0] ?? '',
      to: hurtOn[0] ?? '',
    } as const;
    const of = layOut({ ...marathon, events: [hurt] });
    const mornings = hurtOn.map(sore);
    const [wednesday = '', friday = '', saturday = ''] = datesOf(7, 2, 4, 5);
    const silent = Object.fromEntries(datesOf(7, 1, 2, 3, 4).map((date) => [date, [] as const]));
    const step = (today: CivilDate, ran: Otherwise, from: Block) =>
      taken(
        proposedOn(today, { ...silent, ...ran }, { of: from, mornings }),
        'back-by-steps',
        from,
      );
    const on = (from: Block, date: CivilDate) =>
      from.weeks.flatMap(({ days }) => days).find((day) => day.date === date);
    const walked = step(wednesday, {}, of);
    expect(on(walked, wednesday)?.sessions[0]?.shorthand).toBe('10 x 2 min easy, 1 min walk');
    const ran = { [wednesday]: [{ distance: 4000 }] };
    const easy = step(friday, ran, walked);
    // Taken, it stands: the same day nothing else is proposed.
    const again = proposedOn(friday, { ...silent, ...ran }, { of: easy, mornings });
    expect(again.get('back-by-steps')).toMatchObject({ command: undefined });
    // Half an hour at this athlete's easy pace is between four and six kilometres.
    expect(on(easy, friday)?.distance).toBeGreaterThanOrEqual(4000);
    expect(on(easy, friday)?.distance).toBeLessThanOrEqual(6000);
    const strides = step(saturday, { ...ran, [friday]: [{ distance: 5000 }] }, easy);
    const week = (from: Block) => from.weeks[6]?.days ?? [];
    for (const [index, { date, distance }] of week(strides).entries()) {
      if (date > wednesday)
        expect(distance).toBeLessThanOrEqual((week(of)[index]?.distance ?? 0) + 500);
    }
    expect(strides.findings.filter(({ level }) => level !== 'note')).toEqual([]);
  });

  it('stands in the place of a long run that was fixed, its days over left as they were', () => {
    // Hurt on the Monday of week 7, nothing known until the Sunday: the long run of a written plan.
    const monday = hurtOn[0] ?? '';
    const hurt: BlockEvent = { kind: 'illness', name: 'Hurt', from: monday, to: monday };
    const of = layOut({ ...writtenOut(marathon), events: [hurt] });
    const [sunday = ''] = datesOf(7, 6);
    const silent = Object.fromEntries(datesOf(7, 1, 2, 3, 4, 5).map((date) => [date, [] as const]));
    const after = taken(
      proposedOn(sunday, silent, { of, mornings: [sore(monday)] }),
      'back-by-steps',
      of,
    );
    const day = after.weeks[6]?.days[6];
    expect(day?.sessions[0]?.shorthand).toBe('10 x 2 min easy, 1 min walk');
    expect(after.weeks[6]?.days.slice(0, 6).map(({ distance }) => distance)).toEqual(
      of.weeks[6]?.days.slice(0, 6).map(({ distance }) => distance),
    );
  });

  it('takes no place of a test, which stands and is said', () => {
    const [thursday = '', friday = '', saturday = ''] = datesOf(7, 3, 4, 5);
    const hurt: BlockEvent = { kind: 'illness', name: 'Hurt', from: thursday, to: thursday };
    const test: BlockEvent = { kind: 'test', name: 'Mile', from: friday, distance: 1609 };
    const of = layOut({ ...marathon, events: [hurt, test] });
    const proposals = proposedOn(friday, missed([thursday]), { of, mornings: [sore(thursday)] });
    const next = proposals.get('back-by-steps');
    expect(next?.command?.change.days?.map(({ date }) => date)).toContain(saturday);
    expect(next?.because).toContain('What is placed on');
  });
});

describe('in the taper and race week', () => {
  const raceDay = block.spec.race.date;
  const before = (days: number) => addDays(raceDay, -days);
  const ill = (...days: number[]) =>
    days.map((day) => ({ date: before(day), ill: 'fever' as const }));

  it('a race that comes before an illness is got over is said, and who decides', () => {
    // Ill on four days up to the Thursday before a Sunday's race.
    const days = [6, 5, 4, 3];
    const gone = missed(days.map(before), 'ill');
    const proposals = proposedOn(before(2), gone, { mornings: ill(...days) });
    expect(proposals.get('illness')?.because).toContain(
      'The race on Sun 18 Apr comes before that is over: whether to run it is for a doctor to say.',
    );
    const after = taken(proposals, 'illness');
    // It is noted as lasting on that Friday: five days, and one before the race.
    const graver = after.findings.filter(({ level }) => level !== 'note');
    expect(graver).toMatchObject([
      { check: 'race-after-illness', level: 'stop', value: 1, limit: 5 },
    ]);
    // Three weeks before it nothing is said of the race.
    const early = proposedOn(before(20), missed([before(21)], 'ill'), { mornings: ill(21) });
    expect(early.get('illness')?.because).not.toContain('The race');
  });

  it('a hurt in race week says so too', () => {
    const [day] = [5].map(before);
    const mornings = [{ date: day ?? '', sore: { where: 'left calf', level: 7, stride: true } }];
    const proposals = proposedOn(before(4), missed([before(5)]), { mornings });
    expect(proposals.get('stop-running')?.because).toContain(
      'for a doctor or physiotherapist to say.',
    );
  });

  it('a step back takes from a week of the taper what its run is shorter by, and no more', () => {
    const hurt: BlockEvent = { kind: 'illness', name: 'Hurt', from: before(17), to: before(17) };
    const of = layOut({ ...marathon, events: [hurt] });
    const mornings = [{ date: before(17), sore: { where: 'left calf', level: 7, stride: true } }];
    const ran = Object.fromEntries(
      [16, 15, 14, 13].map((day) => [before(day), day === 16 ? [{ distance: 4000 }] : []]),
    );
    const after = taken(proposedOn(before(12), ran, { of, mornings }), 'back-by-steps', of);
    const [was, is] = [of, after].map(({ weeks }) => weeks[16]);
    const [longer, shorter] = [was, is].map((week) => week?.days[1]?.distance ?? 0);
    expect(shorter).toBeLessThan(longer ?? 0);
    const less = (was?.volume ?? 0) - (is?.volume ?? 0);
    expect(less).toBe((longer ?? 0) - (shorter ?? 0));
  });

  it('nothing is laid otherwise for days missed: its weeks are light, and race week stands', () => {
    // Thirteen days before the race is the Monday of the taper's last whole week.
    const inTaper = proposedOn(before(13), missed([18, 17, 16, 15, 14].map(before)));
    expect(inTaper.get('lighter-week')).toMatchObject({ command: undefined });
    expect(inTaper.get('lighter-week')?.because).toContain('Week 17 is light already');
    const inRaceWeek = proposedOn(before(5), missed([12, 11, 10, 9, 8, 7, 6].map(before)));
    expect([...inRaceWeek.keys()]).toEqual(['before-the-race']);
  });
});
