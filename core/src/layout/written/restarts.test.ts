import { describe, expect, it } from 'vitest';
import { applyChange, toggleRestart } from '../../edit/index.js';
import { layOut } from '../../lay-out.js';
import type { BlockSpec, Pin } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';

// Weeks 8 and 12 rest, week 16 is the first of the taper; week 9 is laid out at 73 km.
const from9: Pin = { week: 9, volume: 40_000, longRun: 13_000, restart: true };
const with9 = (more: Partial<BlockSpec> = {}) => layOut({ ...marathon, pins: [from9], ...more });
const volumes = ({ weeks }: ReturnType<typeof layOut>, after: number) =>
  weeks.slice(after).map(({ volume }) => volume / 1000);

describe('a week that the climb begins anew from', () => {
  it('is no week of rest, and is grown from at the cap, hand-worked', () => {
    // 40, 44, 48.4; a quarter off in week 12; "one step above": 52, 57, 62.
    const block = with9();
    expect(block.weeks[8]).toMatchObject({ kind: 'building', recovery: false });
    expect(volumes(block, 9).slice(0, 6)).toEqual([44, 48, 36, 52, 57, 62]);
    // Left out, the same figure rests, and the climb goes back to what stood before it.
    const { restart: _, ...light } = from9;
    const rested = layOut({ ...marathon, pins: [light] });
    expect(rested.weeks[8]?.recovery).toBe(true);
    expect(rested.weeks[9]?.volume).toBeGreaterThan(70_000);
  });

  it('begins the ladder of long runs anew: no more than 3 km on the longest since', () => {
    const { weeks } = with9();
    let longest = 13_000;
    for (const { longRun } of weeks.slice(9, 15)) {
      expect(longRun).toBeLessThanOrEqual(longest + 3000);
      longest = Math.max(longest, longRun);
    }
    expect(longest).toBeGreaterThan(13_000);
  });

  it('is what the taper is cut from: no week and no run is longer than since', () => {
    const { weeks } = with9();
    const since = weeks.slice(8, 15);
    const heaviest = Math.max(...since.map(({ volume }) => volume));
    const longest = Math.max(...since.map(({ longRun }) => longRun));
    for (const { volume, longRun } of weeks.slice(15)) {
      expect(volume).toBeLessThan(heaviest);
      expect(longRun).toBeLessThanOrEqual(longest);
    }
  });

  it.each([
    'percentage',
    'fixed-step',
    'step-and-hold',
    'straight-to-peak',
    'alternating',
  ] as const)('is climbed from by the school %s as from a start', (school) => {
    const growth = { ...marathon.volume?.growth, school };
    const { weeks } = with9({ volume: { ...marathon.volume, growth } });
    const [anew = 0, next = 0] = volumes({ weeks } as ReturnType<typeof layOut>, 8);
    expect(anew).toBe(40);
    // A step is one kilometre a run day; straight to the peak of 92 km in three rises is 17 km.
    const most = { percentage: 44, 'fixed-step': 46, 'step-and-hold': 48, alternating: 47 };
    expect(next).toBeLessThanOrEqual(school === 'straight-to-peak' ? 58 : most[school]);
  });

  it('keeps what it is climbed from where an illness cuts it', () => {
    const illness = { kind: 'illness', name: 'Ill', from: '2027-02-08', to: '2027-02-10' } as const;
    const { weeks, findings } = with9({ events: [illness] });
    expect(weeks[8]?.volume).toBeLessThan(30_000);
    // Back at its level, which nobody has run yet, and up from there.
    expect(weeks[9]?.volume).toBe(40_000);
    expect(weeks[10]?.volume).toBeGreaterThan(40_000);
    expect(weeks[10]?.volume).toBeLessThanOrEqual(44_000);
    const stops = findings.filter(({ level }) => level === 'stop');
    expect(stops).toEqual([]);
  });

  it('is found by no check on growth, as its own figure is the coach’s', () => {
    const codes = with9().findings.map(({ check }) => check);
    expect(codes).not.toContain('growth-over-cap');
    expect(codes).not.toContain('jump-after-recovery');
    expect(codes).not.toContain('long-run-grown-too-fast');
  });

  it('is turned on and off by a command, at what it is laid out at', () => {
    const block = layOut(marathon);
    const on = toggleRestart(block, 9);
    expect(on?.message).toBe('Set the block to rebuild from week 9.');
    expect(on?.change.pins).toEqual([{ week: 9, volume: block.weeks[8]?.volume, restart: true }]);
    const anew = layOut(applyChange(block.spec, on?.change ?? {}));
    const off = toggleRestart(anew, 9);
    expect(off?.message).toBe('No longer rebuilds from week 9.');
    expect(off?.change.pins).toEqual([{ week: 9, volume: block.weeks[8]?.volume }]);
    // In the first week it begins anyway; in the taper nothing climbs.
    expect(toggleRestart(block, 1)).toBeUndefined();
    expect(toggleRestart(block, 16)).toBeUndefined();
  });
});

describe('a fixed week that rests shortly before the peak', () => {
  it('does not bring the peak down that nobody asked for', () => {
    const { peak: _, ...volume } = marathon.volume ?? {};
    const free = layOut({ ...marathon, volume });
    const light = layOut({ ...marathon, volume, pins: [{ week: 14, volume: 45_000 }] });
    const top = ({ weeks }: typeof free) => Math.max(...weeks.map((week) => week.volume));
    // It fell from rise to rise, to little more than the start.
    expect(top(light)).toBeGreaterThan(0.85 * top(free));
  });
});
