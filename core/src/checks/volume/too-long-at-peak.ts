import { growthLimit } from '../../rules/limits/index.js';
import { climbBegins, mostOfARise } from '../../layout/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import { check } from '../common/check.js';
import { usualOfLate } from './held-of-late.js';

/** Weeks on the way up. */
const RISING: ReadonlySet<string> = new Set(['start', 'rise', 're-entry']);

/** Too many weeks at the heaviest, recovery weeks between them not counted. Value and limit: weeks. */
export const tooLongAtPeak = check({
  code: 'too-long-at-peak',
  level: 'caution',
  run({ block: { weeks: all, spec }, rules }) {
    const weeks = all.slice(climbBegins(spec, all));
    const limit = rules.volume.mostAtPeak;
    const heaviest = Math.max(...weeks.map(({ volume }) => volume));
    // What one rise over the usual weeks reaches is no top to stay on.
    const usual = usualOfLate(spec) ?? spec.volume.start;
    const rise = mostOfARise({ ...spec.volume.growth, cap: rules.volume.growthCap }, spec);
    if (heaviest <= growthLimit(usual, rise.most) || isNear(spec, heaviest)) return [];
    const top = weeks.findIndex(({ volume }) => volume === heaviest);
    const atPeak = weeks.filter(
      ({ volume, volumeRule }, index) =>
        volume > 0 &&
        volume >= rules.volume.atPeak * heaviest &&
        // A small climb is near its top all the way, and not there yet.
        (index >= top || !RISING.has(volumeRule)),
    );
    const value = atPeak.length;
    return value > limit ? [{ weeks: atPeak.map(({ number }) => number), value, limit }] : [];
  },
});

/** Who goes straight to a peak near by asks to stay there. */
function isNear({ volume: { start, growth } }: ResolvedSpec, heaviest: number): boolean {
  return (
    growth.school === 'straight-to-peak' && heaviest <= start * (1 + growth.rises * growth.cap)
  );
}
