import { pacesSince } from '../paces/default-paces.js';
import { houseRulesSince } from '../rules/house-rules.js';
import type { HouseRules } from '../rules/index.js';
import { usesSince } from '../sessions/library/suggest-uses.js';
import type { NamedPace, SessionUse } from '../spec/choices/index.js';

/** What a next set of defaults changes. */
interface Changed {
  rules?: HouseRules;
  paces?: NamedPace[];
  uses?: Record<'middle' | 'usual' | 'long', SessionUse[]>;
}

/** Does something while the product knows a second set of defaults, as its next version would. */
export function withDefaults<T>({ rules, paces, uses }: Changed, work: () => T): T {
  const tables = [
    [houseRulesSince, rules],
    [pacesSince, paces],
    [usesSince, uses],
  ] as const;
  try {
    for (const [since, changed] of tables) if (changed) Object.assign(since, { 2: changed });
    return work();
  } finally {
    for (const [since] of tables) delete (since as Record<number, unknown>)[2];
  }
}
