import type { CheckContext } from '../common/check.js';

export function lastPeak({ block: { weeks }, rules }: CheckContext) {
  const heaviest = Math.max(...weeks.map((week) => week.volume));
  return weeks.findLast((week) => week.volume >= rules.volume.atPeak * heaviest);
}
