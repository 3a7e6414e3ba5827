import { dayWords } from '../../base/format/index.js';
import { aroundSessions } from '../around-sessions.js';
import { say } from './by-week.js';
import type { Fix, FixContext } from './fix.js';

/** What a week lacks as warming up and cooling down around the sessions that are written without it. */
export function warmUps(context: FixContext, number: number): Fix[] {
  const { block, shown, today } = context;
  const week = block.weeks[number - 1];
  const measure = { ...shown, basis: block.spec.athlete.basis };
  const around = week && aroundSessions(block, week, { measure, from: today });
  if (!around) return [];
  const dates = around.dates.map((date) => dayWords(date)).join(', ');
  return [
    {
      label: `Warm up and cool down on ${dates}: ${say(context, around.each)} each`,
      change: { days: around.days },
    },
  ];
}
