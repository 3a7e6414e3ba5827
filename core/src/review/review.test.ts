import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type CivilDate, type Measure, sum } from '../base/index.js';
import { applyChange } from '../edit/index.js';
import { layOut } from '../lay-out.js';
import { type Block, isHardRunning } from '../layout/block/index.js';
import { anySpec } from '../testing/any-spec.js';
import { marathon } from '../testing/examples.js';
import { holdFor } from '../testing/hold-for.js';
import { missed, type Otherwise, reviewOn } from '../testing/recorded.js';
import { patternsOf, proposalsOf } from './index.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
/** A Wednesday in week 9. */
const TODAY = '2027-02-10';
const block = layOut(marathon);
const daysBetween = (from: CivilDate, count: number) =>
  Array.from({ length: count }, (_, day) => addDays(from, day));
const dayOn = (date: CivilDate) =>
  block.weeks.flatMap(({ days }) => days).find((day) => day.date === date);
const codes = (...given: [Otherwise?, Parameters<typeof reviewOn>[3]?]) =>
  patternsOf(reviewOn(block, TODAY, ...given)).map(({ code }) => code);
const keys = (...given: [Otherwise?, Parameters<typeof reviewOn>[3]?]) =>
  proposalsOf(reviewOn(block, TODAY, ...given), km).map(({ key }) => key);

describe('a block that was run as it was planned', () => {
  const review = reviewOn(block, TODAY);

  it('comes to what was planned, week by week', () => {
    expect(review.weeks).toHaveLength(9);
    for (const { week, planned, run, hard, longRun } of review.weeks.slice(0, 8)) {
      expect(Math.round(run / 100)).toBe(Math.round(planned / 100));
      expect(planned).toBe(week.distance);
      expect(hard.done).toBe(hard.planned);
      expect(Math.round(longRun.run ?? 0)).toBe(Math.round(longRun.planned));
    }
    // Of the week that holds today Monday and Tuesday were run.
    const [monday, tuesday] = review.weeks[8]?.week.days ?? [];
    const soFar = (monday?.distance ?? 0) + (tuesday?.distance ?? 0);
    expect(Math.abs((review.weeks[8]?.run ?? 0) - soFar)).toBeLessThan(2);
    expect(review.weeks[8]).toMatchObject({ isOver: false, monotony: undefined });
  });

  it('says nothing, and proposes nothing', () => {
    expect(patternsOf(review)).toEqual([]);
    expect(proposalsOf(review, km)).toEqual([]);
  });

  it('has a load for each day that adds up to its week', () => {
    const [first] = review.weeks;
    expect(first?.load).toBeCloseTo(sum((first?.days ?? []).map(({ load }) => load ?? 0)), 9);
  });
});

it('what is not recorded is not known, and never zero', () => {
  const silent = reviewOn(
    block,
    '2027-02-08',
    Object.fromEntries(daysBetween('2027-02-01', 7).map((date) => [date, []])),
  );
  expect(silent.weeks[7]).toMatchObject({ isKnown: false, monotony: undefined });
  expect(silent.weeks[7]?.longRun.run).toBeUndefined();
  expect(patternsOf(silent).map(({ code }) => code)).toEqual(['nothing-recorded']);
});

describe('patterns', () => {
  /** Easy days of the last fortnight, each so many s/km off the quick end of its own pace. */
  const easyBy = (off: number, from = '2027-01-28') =>
    Object.fromEntries(
      reviewOn(block, TODAY).days.flatMap(({ day, easy }) => {
        if (!easy || day.date < from || day.role === 'long') return [];
        const time = (day.distance / 1000) * (easy.range.quick + off);
        return [[day.date, [{ distance: day.distance, time }]] as const];
      }),
    );

  it('easy running quicker than the table in both of two weeks', () => {
    expect(codes(easyBy(-5))).toEqual([]);
    expect(codes(easyBy(-6))).toEqual(['easy-too-quick']);
    // In one of them alone it is no pattern.
    expect(codes(easyBy(-6, '2027-02-05'))).toEqual([]);
  });

  it('three weeks in a row under nine tenths of the plan', () => {
    const cut = (part: number, weeks: readonly number[]) =>
      Object.fromEntries(
        weeks.flatMap((week) =>
          (block.weeks[week - 1]?.days ?? []).map(({ date, distance }) => [
            date,
            distance > 0 ? [{ distance: part * distance }] : [],
          ]),
        ),
      );
    expect(codes(cut(0.89, [6, 7, 8]))).toContain('under-plan');
    expect(codes(cut(0.91, [6, 7, 8]))).not.toContain('under-plan');
    expect(codes(cut(0.89, [7, 8]))).not.toContain('under-plan');
    expect(codes(cut(1.11, [8]))).toContain('over-plan');
    expect(codes(cut(1.09, [8]))).not.toContain('over-plan');
  });

  it('repetitions faster than set: twice in a row, the paces are overtaken', () => {
    const sessions = block.weeks
      .slice(4, 9)
      .flatMap(({ days }) => days.filter(({ role }) => role === 'quality'));
    const last = sessions.filter(({ date }) => date < TODAY).slice(-2);
    const asked = reviewOn(
      block,
      TODAY,
      Object.fromEntries(
        last.map(({ date, distance, time }) => [date, [{ distance, time, reps: [60] }]]),
      ),
    );
    const targets = asked.days.flatMap(({ reps }) => (reps ? [reps.targets] : []));
    expect(targets.every(([first = 0]) => first > 0)).toBe(true);
    const at = (part: number) =>
      codes(
        Object.fromEntries(
          last.map(({ date, distance, time }, index) => [
            date,
            [{ distance, time, reps: (targets[index] ?? []).map((each) => part * each) }],
          ]),
        ),
      );
    expect(at(0.98)).toEqual(['paces-overtaken']);
    expect(at(0.99)).toEqual([]);
  });

  it('holds no repetition against a guess, where neither a result nor a goal tells a pace', () => {
    const { athlete, race } = marathon;
    const blind = layOut({
      ...marathon,
      athlete: { ...athlete, results: [] },
      race: { ...race, goalTime: undefined },
    });
    const [session] = blind.weeks.flatMap(({ days }) =>
      days.filter(({ role, date }) => role === 'quality' && date < TODAY),
    );
    if (!session) throw new Error('no session');
    const { date, distance, time } = session;
    const { days } = reviewOn(blind, TODAY, { [date]: [{ distance, time, reps: [60] }] });
    const reps = days.flatMap((day) => (day.reps ? [day.reps] : []));
    expect(reps).toMatchObject([{ times: [60], targets: [] }]);
  });

  it('mornings: in pain, ill, sore, not recovering', () => {
    const on = (from: CivilDate, count: number, part: object) =>
      daysBetween(from, count).map((date) => ({ date, ...part }));
    const sore = (level: number, stride = false) => ({
      sore: { where: 'left calf', level, stride },
    });
    expect(codes({}, on('2027-02-09', 2, sore(4)))).toEqual(['sore-now']);
    expect(codes({}, on('2027-02-09', 2, sore(3)))).toEqual([]);
    expect(codes({}, on('2027-02-09', 1, sore(8)))).toEqual([]);
    expect(codes({}, on('2027-02-09', 1, sore(3, true)))).toEqual(['running-in-pain']);
    expect(codes({}, on('2027-02-08', 3, { fresh: 2 }))).toEqual(['not-recovering']);
    expect(codes({}, on('2027-02-08', 3, { fresh: 3 }))).toEqual([]);
    expect(
      codes({}, [...on('2027-02-01', 7, { pulse: 46 }), ...on('2027-02-08', 3, { pulse: 53 })]),
    ).toEqual(['not-recovering']);
    expect(
      codes({}, [...on('2027-02-01', 7, { pulse: 46 }), ...on('2027-02-08', 3, { pulse: 52 })]),
    ).toEqual([]);
    expect(codes({}, on('2027-02-09', 2, { ill: 'fever' }))).toEqual(['ill-now']);
    // Three days ill, well on the fourth: it counts for three days more.
    const ill = on('2027-02-05', 3, { ill: 'fever' });
    expect(codes({}, [...ill, ...on('2027-02-08', 1, { fresh: 4 })])).toEqual([
      'back-from-illness',
    ]);
    expect(codes({}, on('2027-02-01', 3, { ill: 'fever' }))).toEqual([]);
  });
});

describe('what may be done', () => {
  const laid = (
    otherwise: Otherwise,
    key: string,
    mornings = [] as Parameters<typeof reviewOn>[3],
  ) => {
    const review = reviewOn(block, TODAY, otherwise, mornings);
    const found = proposalsOf(review, km).find((each) => each.key === key);
    if (!found?.command) throw new Error(`There is no proposal ${key}.`);
    return { after: layOut(applyChange(block.spec, found.command.change)), proposal: found };
  };

  it('up to three missed days: go on, nothing is made up', () => {
    expect(keys(missed(['2027-02-07', '2027-02-08', '2027-02-09']))).toContain('go-on');
    const proposals = proposalsOf(reviewOn(block, TODAY, missed(['2027-02-09'])), km);
    expect(proposals[0]).toMatchObject({ key: 'go-on', command: undefined });
  });

  it('four to seven: the next week at three quarters, nothing hard before its second half', () => {
    const days = daysBetween('2027-02-05', 5);
    const planned = block.weeks[9]?.volume ?? 0;
    const { after } = laid(missed(days), 'lighter-week');
    // Three quarters of 79 km are 59; the 75 of week 9 less 22%, which make it one of rest, 58.
    expect([planned, block.weeks[8]?.volume]).toEqual([79_000, 75_000]);
    expect(after.weeks[9]).toMatchObject({ volume: 58_000, recovery: true });
    const before = after.weeks
      .flatMap(({ days: each }) => each)
      .filter(({ date, role }) => role === 'quality' && date >= TODAY && date < '2027-02-18');
    expect(before).toEqual([]);
    // A quality day that its plan has from Thursday on is run, and nothing complains of it.
    const hard = (of: Block) => (of.weeks[9]?.days ?? []).filter(({ role }) => role === 'quality');
    const thursday = hard(block).filter(({ date }) => date >= '2027-02-18');
    expect(thursday).toHaveLength(1);
    expect(hard(after).map(({ date }) => date)).toEqual(thursday.map(({ date }) => date));
    expect(hard(after)[0]?.hardTime).toBeGreaterThan(0);
    expect(after.findings.filter(({ level }) => level !== 'note')).toEqual(
      block.findings.filter(({ level }) => level !== 'note'),
    );
    // Nothing missed is made up: no later week is heavier than it was.
    after.weeks.slice(10).forEach(({ volume }, index) => {
      expect(volume).toBeLessThanOrEqual(block.weeks[index + 10]?.volume ?? 0);
    });
  });

  it('more: as many steps back as weeks lost, of the last whole week, hand-worked', () => {
    // Ten days from 31 Jan are two weeks lost; the last whole week before them is week 6.
    const days = daysBetween('2027-01-31', 10);
    const { after, proposal } = laid(missed(days), 'steps-back');
    const full = block.weeks[5]?.distance ?? 0;
    expect(after.weeks[9]?.volume).toBe(1000 * Math.floor((0.5 * full) / 1000));
    expect(after.weeks[10]?.volume).toBe(1000 * Math.floor((0.7 * full) / 1000));
    expect(proposal.title).toMatch(/^Back in 2 steps/);
    // The climb goes on from what is held: nothing grows over the cap from there.
    const building = after.weeks.slice(10, 15).filter(({ kind }) => kind === 'building');
    building.slice(1).forEach(({ volume }, index) => {
      expect(volume).toBeLessThanOrEqual(1.1 * (building[index]?.volume ?? 0) + 1);
    });
  });

  it('a missed session goes to the next easy day with easy days around it', () => {
    const tuesday = missed(['2027-02-09']);
    const { after, proposal } = laid(tuesday, 'move-session');
    const was = dayOn('2027-02-09')?.sessions.find(({ family }) => family)?.shorthand;
    expect(proposal.because).toContain(was);
    const moved = after.weeks
      .flatMap(({ days }) => days)
      .filter(({ date }) => date >= TODAY && date < '2027-02-18');
    expect(moved.some(({ sessions }) => sessions.some(({ shorthand }) => shorthand === was))).toBe(
      true,
    );
    expect(keys(missed(['2027-02-09'], 'ill'))).not.toContain('move-session');
  });

  it('or in the place of the next week’s own, which is left out: no hard day more', () => {
    const { after, proposal } = laid(missed(['2027-02-09']), 'session-next-week');
    const was = dayOn('2027-02-09')?.sessions.find(({ family }) => family)?.shorthand;
    const [next] = (block.weeks[9]?.days ?? []).filter(({ role }) => role === 'quality');
    const then = after.weeks[9]?.days.find(({ date }) => date === next?.date);
    expect(then?.sessions.map(({ shorthand }) => shorthand)).toContain(was);
    expect(proposal.because).toContain(
      next?.sessions.find(({ family }) => family)?.shorthand ?? 'nothing',
    );
    const hard = (of: typeof after) => of.weeks[9]?.days.filter(isHardRunning).length;
    expect(hard(after)).toBe(hard(block));
  });

  it('an easy day run hard, a hard day behind it: later in the week, or easy', () => {
    // Monday was to be easy; Tuesday is hard.
    const monday = dayOn('2027-02-08');
    const tuesday = dayOn('2027-02-09');
    expect([monday?.role, tuesday?.role]).toEqual(['easy', 'quality']);
    const ran = (effort: number) => ({
      '2027-02-08': [{ distance: monday?.distance, time: monday?.time, effort }],
    });
    const on = (effort: number) => proposalsOf(reviewOn(block, '2027-02-09', ran(effort)), km);
    expect(on(6).map(({ key }) => key)).not.toContain('hard-day-easy');
    const easy = on(7).find(({ key }) => key === 'hard-day-easy');
    const after = layOut(applyChange(block.spec, easy?.command?.change ?? {}));
    const day = after.weeks[8]?.days.find(({ date }) => date === '2027-02-09');
    expect(day?.role).toBe('easy');
    // On Friday the next session stands too near, and the long run behind that.
    expect(on(7).map(({ key }) => key)).not.toContain('hard-day-later');
  });

  it('a hard day that has room behind it changes places with an easy one', () => {
    const one = layOut({ ...marathon, week: { ...marathon.week, qualityOn: ['tuesday'] } });
    const monday = one.weeks[8]?.days[0];
    const ran = { [monday?.date ?? '']: [{ distance: monday?.distance, effort: 8 }] };
    const proposals = proposalsOf(reviewOn(one, '2027-02-09', ran), km);
    const later = proposals.find(({ key }) => key === 'hard-day-later');
    expect(later?.title).toBe('Swap Tue 9 Feb and Fri 12 Feb');
    const after = layOut(applyChange(one.spec, later?.command?.change ?? {}));
    const hard = after.weeks[8]?.days.filter(isHardRunning).map(({ date }) => date);
    expect(hard).toEqual(['2027-02-12']);
  });

  it('what fell short is carried on from, at the rate of growth', () => {
    const short = Object.fromEntries(
      [6, 7].flatMap((week) =>
        (block.weeks[week - 1]?.days ?? []).map(({ date, distance }) => [
          date,
          distance > 0 ? [{ distance: 0.7 * distance }] : [],
        ]),
      ),
    );
    const { after } = laid(short, 'carry-on');
    const held = 0.7 * (((block.weeks[5]?.distance ?? 0) + (block.weeks[6]?.distance ?? 0)) / 2);
    expect(after.weeks[9]?.volume).toBe(1000 * Math.floor((1.1 * held) / 1000));
  });

  it('health goes first: ill, sore, hurt, tired', () => {
    const on = (from: CivilDate, count: number, part: object) =>
      daysBetween(from, count).map((date) => ({ date, ...part }));
    const fever = laid({}, 'illness', on('2027-02-08', 3, { ill: 'fever' }));
    expect(fever.proposal.caution).toContain('doctor');
    expect(fever.after.spec.events).toContainEqual({
      kind: 'illness',
      name: 'Ill',
      from: '2027-02-08',
      to: TODAY,
    });
    const cold = laid({}, 'easy-only', on('2027-02-08', 3, { ill: 'above-neck' }));
    const hard = (after: typeof cold.after, to: CivilDate) =>
      after.weeks
        .flatMap(({ days }) => days)
        .filter(({ date, role }) => role === 'quality' && date >= TODAY && date <= to);
    expect(hard(cold.after, '2027-02-13')).toEqual([]);
    const sore = { sore: { where: 'left calf', level: 5 } };
    const pool = laid({}, 'niggle', on('2027-02-09', 2, sore));
    const swapped = pool.after.weeks
      .flatMap(({ days }) => days)
      .filter(({ date, swap }) => swap?.kind === 'pool' && date >= TODAY);
    expect(swapped).toHaveLength(3);
    expect(hard(pool.after, '2027-02-19')).toEqual([]);
    expect(pool.proposal.caution).toContain('physiotherapist');
    const hurt = laid(
      {},
      'stop-running',
      on('2027-02-10', 1, { sore: { where: 'left shin', level: 7, stride: true } }),
    );
    expect(hurt.after.weeks[8]?.days.find(({ date }) => date === TODAY)?.distance).toBe(0);
    const tired = laid({}, 'rest-now', on('2027-02-08', 3, { sleep: 1 }));
    expect(tired.after.weeks[9]?.recovery).toBe(true);
    // Nothing else is proposed beside them.
    expect(keys(missed(['2027-02-09']), on('2027-02-08', 3, { ill: 'fever' }))).toEqual([
      'illness',
    ]);
  });
});

describe('easy running at the same pulse', () => {
  /** A Wednesday in week 6, with a building week before it and another to come. */
  const ON = '2027-01-20';
  /** Every easy day before it with a heart rate; those from a day on at another pace, s/km. */
  const runAt = (pace: number, from = '2027-01-14', on = ON): Otherwise =>
    Object.fromEntries(
      block.weeks
        .flatMap(({ days }) => days)
        .filter(({ date, hardTime, distance }) => date < on && hardTime === 0 && distance > 0)
        .map(({ date, distance }) => {
          const perKm = date >= from ? pace : 330;
          return [date, [{ distance, time: (distance / 1000) * perKm, heart: 140 }]];
        }),
    );
  const found = (otherwise: Otherwise, on = ON) =>
    patternsOf(reviewOn(block, on, otherwise)).find(({ code }) => code === 'slow-at-pulse');
  const proposed = (otherwise: Otherwise) =>
    proposalsOf(reviewOn(block, ON, otherwise), km).map(({ key }) => key);

  it('is told once it is slower than the rule’s share, hand-worked', () => {
    // 330 s/km at 140 are 1000 / (5.5 x 140) = 1.299 m a beat; 360 s/km are 1.190: 0.917 of it.
    expect(found(runAt(360))?.value).toBeCloseTo(330 / 360, 9);
    expect(found(runAt(360))?.limit).toBe(0.95);
    expect(found(runAt(340))).toBeUndefined();
    expect(proposed(runAt(360))).toContain('rest-now');
    expect(proposed(runAt(340))).not.toContain('rest-now');
  });

  it('needs runs enough before that say what is usual', () => {
    const on = '2026-12-21';
    expect(found(runAt(400, '2026-12-15', on), on)).toBeUndefined();
  });

  it('never holds a recovery week against the weeks before it: it is slower by intent', () => {
    // Week 8 is one: Thursday 4 to Sunday 7 February are run slowly as they were asked.
    const easy = block.weeks[7]?.days.filter(({ role }) => role === 'easy') ?? [];
    expect(easy.every(({ atRecovery }) => atRecovery)).toBe(true);
    expect(found(runAt(400, '2027-02-01', TODAY), TODAY)).toBeUndefined();
  });

  it('three mornings without appetite speak of the same', () => {
    const hungry = (appetite: number) =>
      daysBetween('2027-02-08', 3).map((date) => ({ date, appetite }));
    expect(codes({}, hungry(2))).toContain('not-recovering');
    expect(codes({}, hungry(3))).not.toContain('not-recovering');
  });
});

describe('what a stranger found', () => {
  const on = (from: CivilDate, count: number, part: object) =>
    daysBetween(from, count).map((date) => ({ date, ...part }));
  const quick = (days: ReturnType<typeof layOut>, from: CivilDate, to: CivilDate) =>
    days.weeks
      .flatMap((week) => week.days)
      .filter(({ date, hardTime, swap }) => date >= from && date <= to && hardTime > 0 && !swap);
  /** The block after a proposal is taken, and what is proposed then. */
  const taken = (
    laidOut: ReturnType<typeof layOut>,
    key: string,
    mornings: Parameters<typeof reviewOn>[3],
    otherwise: Otherwise = {},
  ) => {
    const of = (each: typeof laidOut) =>
      proposalsOf(reviewOn(each, TODAY, otherwise, mornings), km).find((one) => one.key === key);
    const command = of(laidOut)?.command;
    if (!command) throw new Error(`There is no proposal ${key}.`);
    const after = layOut(applyChange(laidOut.spec, command.change));
    return { after, again: of(after) };
  };

  it('tired mornings of a month ago say nothing of now', () => {
    expect(codes({}, on('2027-01-08', 3, { fresh: 1 }))).toEqual([]);
    // Nor do three with a gap: the last three mornings are meant.
    const gap = [...on('2027-02-08', 2, { fresh: 1 })];
    expect(codes({}, gap)).toEqual([]);
  });

  it('a run that moved was not missed', () => {
    const moved = { '2027-02-09': [{ kind: 'missed', movedTo: '2027-02-10' }] } as const;
    expect(codes(moved)).toEqual([]);
    expect(keys(moved)).toEqual([]);
    expect(reviewOn(block, TODAY, moved).days.at(-2)?.done.state).toBe('moved');
  });

  it('weeks with days that are not known are under no plan, nor over it', () => {
    const holes = Object.fromEntries(
      [6, 7, 8].flatMap((week) =>
        (block.weeks[week - 1]?.days ?? []).slice(1).map(({ date }) => [date, []]),
      ),
    );
    expect(codes(holes)).not.toContain('under-plan');
    expect(keys(holes)).not.toContain('carry-on');
  });

  it('days missed ill are an illness, with its caution, though no morning tells it', () => {
    const sick = missed(daysBetween('2027-02-06', 4), 'ill');
    expect(codes(sick)).toContain('ill-now');
    const [first, ...others] = proposalsOf(reviewOn(block, TODAY, sick), km);
    expect(first).toMatchObject({ key: 'illness', health: true });
    expect(first?.caution).toContain('doctor');
    expect(others).toEqual([]);
    // A run since: it is over.
    expect(codes(missed(daysBetween('2027-02-06', 3), 'ill'))).toContain('back-from-illness');
  });

  it('a niggle goes into the pool once: taken, nothing more is proposed', () => {
    const sore = on('2027-02-09', 2, { sore: { where: 'left calf', level: 5 } });
    const { after, again } = taken(block, 'niggle', sore);
    expect(again).toMatchObject({ title: 'In the pool until it is quiet', command: undefined });
    expect(quick(after, TODAY, '2027-02-19')).toEqual([]);
  });

  it('an illness that goes on grows, and does not stand twice', () => {
    const fever = (days: number) => on('2027-02-06', days, { ill: 'fever' });
    const { after } = taken(block, 'illness', fever(4));
    const [event] = after.spec.events.filter(({ kind }) => kind === 'illness');
    expect(event).toMatchObject({ from: '2027-02-06', to: TODAY });
    const review = reviewOn(after, '2027-02-11', {}, fever(6));
    const command = proposalsOf(review, km).find(({ key }) => key === 'illness')?.command;
    const later = layOut(applyChange(after.spec, command?.change ?? {}));
    expect(later.spec.events.filter(({ kind }) => kind === 'illness')).toEqual([
      { ...event, to: '2027-02-11' },
    ]);
  });

  it('quiet days are quiet in the long run too, and say what is placed on them', () => {
    const longRun = { ...marathon.longRun, segment: 'race-pace-finish' } as const;
    const race = {
      kind: 'tune-up-race',
      name: 'Gullstone 10',
      from: '2027-02-14',
      distance: 10_000,
    } as const;
    const cold = on('2027-02-06', 5, { ill: 'above-neck' });
    const finishing = layOut({ ...marathon, longRun });
    const { after } = taken(finishing, 'easy-only', cold);
    expect(quick(finishing, TODAY, '2027-02-15')).not.toEqual([]);
    expect(quick(after, TODAY, '2027-02-15')).toEqual([]);
    const long = (each: typeof after) => each.weeks[8]?.longRun;
    expect(Math.abs((long(after) ?? 0) - (long(finishing) ?? 0))).toBeLessThan(1000);
    const raced = layOut({ ...marathon, events: [race] });
    const [easy] = proposalsOf(reviewOn(raced, TODAY, {}, cold), km);
    expect(easy?.because).toContain('What is placed on Sun 14 Feb stands');
  });

  it('a missed session is moved into no taper, and gives no week more hard days than it had', () => {
    const taper = block.weeks.find(({ taperShare }) => taperShare < 1);
    const session = taper?.days.find(({ role }) => role === 'quality');
    if (!session) throw new Error('The taper has a session.');
    const review = reviewOn(block, addDays(session.date, 1), missed([session.date]));
    expect(proposalsOf(review, km).map(({ key }) => key)).not.toContain('move-session');
    // Missed on a Friday, the next week has its two already: it is gone.
    const friday = reviewOn(block, '2027-02-06', missed(['2027-02-05']));
    expect(proposalsOf(friday, km).map(({ key }) => key)).toEqual(['go-on']);
  });

  it('on a Monday with nothing recorded yet the week ahead is this one', () => {
    const ten = missed(daysBetween('2027-02-03', 5));
    const [lighter] = proposalsOf(reviewOn(block, '2027-02-08', ten), km);
    expect(lighter?.title).toMatch(/^Week 9 at /);
  });
});

it('comes back from a hurt by steps, each offered once the one before was run without pain', () => {
  const hurt = { kind: 'illness', name: 'Hurt', from: '2027-02-02', to: '2027-02-04' } as const;
  const resting = layOut({ ...marathon, events: [hurt] });
  const sore = { date: '2027-02-02', sore: { where: 'left shin', level: 7, stride: true } };
  const noRun = Object.fromEntries(
    daysBetween('2027-02-02', 20).map((date) => [date, [] as const]),
  );
  const step = (today: CivilDate, runs: readonly CivilDate[], more: object[] = []) => {
    const ran = Object.fromEntries(runs.map((date) => [date, [{ distance: 4000, time: 1500 }]]));
    const mornings = [sore, ...more] as Parameters<typeof reviewOn>[3];
    const review = reviewOn(resting, today, { ...noRun, ...ran }, mornings);
    return proposalsOf(review, km).find(({ key }) => key === 'back-by-steps')?.title;
  };
  expect(step('2027-02-05', [])).toMatch(/^The next step back: walk and run on/);
  expect(step('2027-02-07', ['2027-02-06'])).toMatch(/^The next step back: a short easy run on/);
  expect(step('2027-02-09', ['2027-02-06', '2027-02-08'])).toMatch(/with strides on/);
  expect(step('2027-02-11', ['2027-02-06', '2027-02-08', '2027-02-10'])).toBeUndefined();
  // Pain again: no step is offered.
  const again = [{ date: '2027-02-06', sore: { where: 'left shin', level: 5 } }];
  expect(step('2027-02-07', ['2027-02-06'], again)).toBeUndefined();
});

it('reviews any block on any day, whatever was missed or felt', () => {
  const level = fc.option(fc.integer({ min: 1, max: 5 }), { nil: undefined });
  holdFor(
    fc.property(
      anySpec,
      fc.integer({ min: 0, max: 200 }),
      fc.array(fc.nat(200), { maxLength: 30 }),
      fc.array(level, { maxLength: 20 }),
      (spec, day, lost, felt) => {
        const laidOut = layOut(spec);
        const today = addDays(laidOut.spec.start, day);
        const away = missed(lost.map((each) => addDays(laidOut.spec.start, each)));
        const mornings = felt.map((fresh, index) => ({ date: addDays(today, -index), fresh }));
        const review = reviewOn(laidOut, today, away, mornings);
        const measure = { ...laidOut.spec.athlete, step: 1 } as Measure;
        for (const { run, planned, load } of review.weeks) {
          expect([run, planned, load].every((each) => Number.isFinite(each) && each >= 0)).toBe(
            true,
          );
        }
        for (const { title, because } of proposalsOf(review, measure)) {
          expect(`${title} ${because}`).not.toMatch(/NaN|undefined|Infinity/);
        }
      },
    ),
  );
});
