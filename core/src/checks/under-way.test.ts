import { describe, expect, it } from 'vitest';
import { addDays } from '../base/index.js';
import { layOut } from '../lay-out.js';
import { marathon } from '../testing/examples.js';
import { handedOut } from '../testing/handed-out.js';
import type { BlockSpec } from '../spec/index.js';

/** The plan as it was handed out before an edit. */
const planned = layOut(marathon);
const history = handedOut(planned);
/** Cautions and stops of the block as edited, on a day. */
const found = (spec: BlockSpec, asOf: string, missed: readonly string[] = []) =>
  layOut(spec, {
    asOf,
    history,
    record: missed.map((date) => ({ date, place: 0, kind: 'missed' })),
  })
    .findings.filter(({ level, past }) => level !== 'note' && !past)
    .map(({ check }) => check);

// Week 9 begins on Monday 8 February; its sessions are on Tuesday and Friday.
describe('the week under way', () => {
  const ill = { kind: 'illness', name: 'Ill', from: '2027-02-10', to: '2027-02-13' } as const;

  it('is over its wish by what is fixed in the rest of it, not by what was run', () => {
    const cut = { ...marathon, events: [ill] };
    expect(found(cut, '2027-02-14')).not.toContain('week-over-wish');
    // Nor is it once it is over.
    expect(found(cut, '2027-02-16')).not.toContain('week-over-wish');
    const days = [{ date: '2027-02-13', session: '50 km easy' }];
    expect(found({ ...marathon, days }, '2027-02-12')).toContain('week-over-wish');
  });

  it('made one of rest has no hard day, where that was before today', () => {
    const rest = { ...marathon.volume?.recovery, weeks: [4, 8, 9, 12] };
    const volume = { ...marathon.volume, recovery: rest };
    expect(found({ ...marathon, volume }, '2027-02-11')).not.toContain('recovery-has-hard-day');
  });

  // The race is on 18 April; a test counts up to ten days before it.
  it('no longer asks for a test of paces on an old result once it would be too late', () => {
    const stale = (asOf: string) =>
      layOut(marathon, { asOf, history }).findings.filter(({ check }) => check === 'paces-stale');
    expect(stale('2027-04-08')).toHaveLength(1);
    expect(stale('2027-04-09')).toEqual([]);
  });

  it('takes a session that was missed for no hard day', () => {
    const tuesday = planned.weeks[8]?.days.find(({ role }) => role === 'quality');
    const session = tuesday?.sessions[0]?.shorthand;
    const next = addDays(tuesday?.date ?? '', 1);
    const moved: BlockSpec = { ...marathon, days: [{ date: next, role: 'quality', session }] };
    expect(found(moved, next)).toContain('hard-days-adjacent');
    expect(found(moved, next, [tuesday?.date ?? ''])).not.toContain('hard-days-adjacent');
    const young = { ...moved, athlete: { ...marathon.athlete, birthYear: 2010 } };
    expect(found(young, next)).toContain('under-18-hard-days');
    expect(found(young, next, [tuesday?.date ?? ''])).not.toContain('under-18-hard-days');
  });
});
