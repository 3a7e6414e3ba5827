import { describe, expect, it } from 'vitest';
import { type Measure } from '../../base/index.js';
import { applyChange, insertWeek, pinWeek } from '../../edit/index.js';
import type { CheckCode } from '../../checks/index.js';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { showBlock } from '../figures/show.js';
import { consequenceWords, movedWeeks } from './consequences.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const given: BlockSpec = {
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 18,
  volume: { start: 55_000, peak: 92_000 },
};
const laid = (spec: BlockSpec) => {
  const block = layOut(spec);
  return { block, shown: showBlock(block, km) };
};

describe('what a change brings with it', () => {
  const before = laid(given);

  it('is nothing where nothing moved', () => {
    expect(movedWeeks(before, laid(given))).toEqual([]);
    expect(consequenceWords(before, laid(given))).toBe('');
  });

  it('names the weeks that moved and what the checks say of it', () => {
    // 61 to 75 km is 23% in week 5, which is the cap’s business.
    const { change } = pinWeek(before.block, { week: 5, field: 'volume' }, 75_000, km);
    const after = laid(applyChange(before.block.spec, change));
    expect(movedWeeks(before, after)).toContain(5);
    expect(movedWeeks(before, after)).not.toContain(1);
    const weeks = movedWeeks(before, after).length;
    expect(consequenceWords(before, after)).toMatch(
      new RegExp(`^${weeks} weeks changed\\. 1 caution more: growth over the cap\\.`),
    );
  });

  it('says of an inserted week that the block starts earlier', () => {
    const command = insertWeek(before.block, 5)!;
    const after = laid(applyChange(before.block.spec, command.change));
    expect(consequenceWords(before, after)).toContain(
      'Race day stays; the block starts on Mon 7 Dec.',
    );
  });

  it('names what came and what went, of one level too', () => {
    const found = (...checks: CheckCode[]) => ({
      ...before,
      block: {
        ...before.block,
        findings: checks.map((check) => ({ check, level: 'caution' as const })),
      },
    });
    const is = found('monotony', 'too-long-at-peak');
    expect(consequenceWords(found('taper-too-deep', 'monotony'), is)).toBe(
      '1 caution more: long stay at the peak. 1 caution fewer: taper too deep.',
    );
    expect(consequenceWords(found('monotony'), found('monotony', 'monotony', 'monotony'))).toBe(
      '2 cautions more: days too much alike.',
    );
    expect(consequenceWords(is, is)).toBe('');
  });
});
