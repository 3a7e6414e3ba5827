import { climbBegins } from '../../layout/index.js';
import type { CheckContext } from '../common/check.js';

export function lastPeak({ block: { weeks: all, spec }, rules }: CheckContext) {
  const weeks = all.slice(climbBegins(spec, all));
  const heaviest = Math.max(...weeks.map((week) => week.volume));
  return weeks.findLast((week) => week.volume >= rules.volume.atPeak * heaviest);
}
