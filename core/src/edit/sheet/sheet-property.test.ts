import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { resolveSpec } from '../../layout/index.js';
import { validateSpec } from '../../layout/validate/index.js';
import { layOut } from '../../lay-out.js';
import { showBlock } from '../../present/figures/index.js';
import { anySpec } from '../../testing/any-spec.js';
import { holdFor } from '../../testing/hold-for.js';
import { applyChange } from '../index.js';
import { writeCells, type SheetCell, type WrittenCell } from './index.js';

const RUNS = { fixed: 40, random: 10 };

const texts = [
  '',
  '0',
  '7',
  '12,5',
  '25',
  '90',
  'rest',
  '-',
  'easy',
  '9 easy',
  '14 semi-long',
  'xt',
  'quality',
  'long',
  '6 x 1 km @ 10 km, 90 s jog',
  '45 min easy',
  '8 miles easy',
  '26 (last 8 @ marathon)',
  '18 progression',
  '10 6 x 400 m @ 5 km, 60 s rest',
  '16 prgo',
  '+10%',
  '-100%',
  '=',
  'r',
  '999999',
  '10 min drills',
  '3 x',
  'ü',
  '1e9',
  '40 min pool: easy',
];

describe('whatever is written in a sheet', () => {
  it('leaves a block that can be laid out, adds up and has no figure that is none', () => {
    const spot = fc.record({
      week: fc.nat(40),
      day: fc.nat(7),
      kind: fc.nat(2),
      text: fc.constantFrom(...texts),
    });
    holdFor(
      fc.property(
        anySpec,
        fc.array(spot, { minLength: 1, maxLength: 12 }),
        fc.constantFrom('days' as const, 'volume' as const),
        (spec, spots, givesWay) => {
          const block = layOut(spec);
          const measure = {
            basis: block.spec.athlete.basis,
            unit: block.spec.athlete.unit,
            step: 1,
          } as const;
          const written = spots.flatMap(({ week, day, kind, text }): WrittenCell[] => {
            const of = block.weeks[week % block.weeks.length];
            const date = of?.days[day % of.days.length]?.date;
            if (!of || date === undefined) return [];
            const cell: SheetCell =
              kind === 0
                ? { kind: 'day', date }
                : { kind: kind === 1 ? 'volume' : 'longRun', week: of.number };
            return [{ cell, text }];
          });
          const { command, taken, untaken } = writeCells(block, written, measure, { givesWay });
          expect(taken + untaken.length).toBe(written.length);
          if (!command) return;
          const next = applyChange(block.spec, command.change);
          // What is refused is said; the rest is laid out whole.
          if (validateSpec(resolveSpec(next)).length > 0) return;
          const after = layOut(next);
          for (const week of showBlock(after, measure).weeks) {
            expect(week.days.reduce((sum, each) => sum + each, 0)).toBe(week.volume);
            for (const each of [week.volume, week.longRun, ...week.days]) {
              expect(Number.isFinite(each)).toBe(true);
              expect(each).toBeGreaterThanOrEqual(0);
            }
          }
        },
      ),
      RUNS,
    );
  });
});
