import { layOut } from '@nadir/core';
import type { ToldFinding } from '@nadir/core/present';
import type { Pin } from '@nadir/core/spec';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Checks } from './Checks.js';
import type { Commands } from '../useCommands.js';

const finding = (part: Partial<ToldFinding>): ToldFinding => ({
  check: 'growth-over-cap',
  level: 'caution',
  weeks: [6],
  value: 0.12,
  limit: 0.1,
  title: 'Growth over the cap',
  message: 'Week 6 is too steep.',
  ...part,
});

const commands = () => ({
  show: vi.fn<Commands['show']>(() => []),
  run: vi.fn<Commands['run']>(() => []),
  cancel: vi.fn<Commands['cancel']>(),
});

/** A block with the findings given, or its own. */
function draw(
  findings: ToldFinding[] | undefined,
  { onLight = vi.fn(), on = commands(), pins = [] as Pin[] } = {},
) {
  const laid = layOut({
    race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
    weeks: 12,
    volume: { start: 40_000, peak: 50_000 },
    pins,
  });
  const block = findings ? { ...laid, findings } : laid;
  render(
    <Checks
      block={block}
      shown={undefined}
      measure={{ basis: 'distance', unit: 'km', step: 1 }}
      today="2027-02-10"
      commands={on}
      onLight={onLight}
    />,
  );
  return { on, block };
}

afterEach(cleanup);

describe('Checks', () => {
  it('takes a fix back that is drawn when its button goes away under the hand', async () => {
    const { on } = draw(undefined, { pins: [{ week: 6, volume: 80_000 }] });
    const [fix] = await screen.findAllByRole('button', { name: 'Free week 6' });
    await userEvent.hover(fix!);
    expect(on.show).toHaveBeenCalledTimes(1);
    expect(on.cancel).not.toHaveBeenCalled();
    cleanup();
    expect(on.cancel).toHaveBeenCalledTimes(1);
  });

  it('says so when nothing is found', () => {
    draw([], { onLight: vi.fn() });
    expect(screen.getByText('Sound. No problems found.')).toBeTruthy();
  });

  it('counts by level, in words', () => {
    const findings = [
      finding({ level: 'stop', check: 'return-too-quick' }),
      finding({ check: 'not-feasible' }),
      finding({ check: 'monotony' }),
      finding({ level: 'note', check: 'paces-stale' }),
    ];
    draw(findings, { onLight: vi.fn() });
    expect(screen.getByText('Don’t run this yet: 1 stop, 2 cautions, 1 note')).toBeTruthy();
  });

  it.each([
    [[6], 'caution, week 6'],
    [[6, 7, 8], 'caution, weeks 6–8'],
    [[6, 9], 'caution, weeks 6, 9'],
    [[1, 3, 5, 7, 9, 11], 'caution, weeks 1–11'],
  ])('names its weeks: %j', (weeks, words) => {
    draw([finding({ weeks, message: 'Too steep.' })], { onLight: vi.fn() });
    expect(screen.getByText(words)).toBeTruthy();
  });

  it('shows the reason of a waiver', () => {
    draw([finding({ waived: 'Training camp.' })], { onLight: vi.fn() });
    fireEvent.click(screen.getByRole('button', { name: 'Waived (1)' }));
    expect(screen.getByText(/waived: Training camp\./)).toBeTruthy();
  });

  it('lights its weeks while it is in focus', async () => {
    const onLight = vi.fn();
    draw([finding({ weeks: [6, 7] })], { onLight: onLight });
    const user = userEvent.setup();
    await user.tab();
    expect(onLight).toHaveBeenLastCalledWith([6, 7], undefined);
    await user.tab();
    expect(onLight).toHaveBeenLastCalledWith([]);
  });

  it('offers fixes that are shown while pointed at, and kept by a click', async () => {
    const { on } = draw(undefined, { pins: [{ week: 2, volume: 60_000 }] });
    const user = userEvent.setup();
    await user.click(screen.getByRole('button', { name: /Growth over the cap/ }));
    const [fix] = await screen.findAllByRole('button', { name: 'Free week 2' });
    if (!fix) throw new Error('no fix');
    await user.hover(fix);
    expect(on.show).toHaveBeenLastCalledWith(expect.objectContaining({ change: { pins: [] } }));
    await user.unhover(fix);
    expect(on.cancel).toHaveBeenCalled();
    await user.click(fix);
    expect(on.run).toHaveBeenLastCalledWith({
      change: { pins: [] },
      message: 'Fixed “Growth over the cap”: Free week 2.',
    });
  });

  it('offers one fix for all its weeks, and one for each', async () => {
    const pins = [
      { week: 2, volume: 60_000 },
      { week: 6, volume: 90_000 },
    ];
    const { on } = draw(undefined, { pins });
    const user = userEvent.setup();
    await user.click(
      screen.getByRole('button', {
        name: /Growth over the cap.*Weeks 2 and 6 \(worst in week 6\)/,
      }),
    );
    expect(await screen.findAllByRole('button', { name: /week 2.*; .*week 6/i })).not.toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Only week 6' }));
    await user.click((await screen.findAllByRole('button', { name: 'Free week 6' }))[0]!);
    expect(on.run).toHaveBeenLastCalledWith(
      expect.objectContaining({ change: { pins: [{ week: 2, volume: 60_000 }] } }),
    );
  });

  it('fixes with one key', async () => {
    const { on } = draw(undefined, { pins: [{ week: 2, volume: 60_000 }] });
    const user = userEvent.setup();
    screen.getByRole('button', { name: /Growth over the cap/ }).focus();
    await user.keyboard('m');
    expect(on.run).toHaveBeenCalledTimes(1);
  });

  it('waives for a reason, and for nothing less', async () => {
    const { on } = draw(undefined, { pins: [{ week: 2, volume: 60_000 }] });
    const user = userEvent.setup();
    await user.click(screen.getByRole('button', { name: /Growth over the cap/ }));
    await user.click(screen.getByRole('form', { name: 'Waive' }).querySelector('button')!);
    expect(screen.getByRole('alert').textContent).toBe('A waiver needs its reason.');
    expect(on.run).not.toHaveBeenCalled();
    await user.type(screen.getByLabelText('Reason to let it stand'), 'Camp.{Enter}');
    const [command] = on.run.mock.lastCall ?? [];
    expect(command?.change.waivers).toEqual([
      { check: 'growth-over-cap', week: 2, reason: 'Camp.', value: 0.5 },
    ]);
  });
});
