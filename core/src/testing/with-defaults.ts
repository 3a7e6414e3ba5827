import { pacesSince } from '../paces/default-paces.js';
import { houseRulesSince } from '../rules/house-rules.js';
import { type HouseRules, newestEngine } from '../rules/index.js';
import { usesSince } from '../sessions/library/suggest-uses.js';
import type { NamedPace, SessionUse } from '../spec/choices/index.js';

/** What a next set of defaults changes. */
interface Changed {
  rules?: HouseRules;
  paces?: NamedPace[];
  uses?: { upTo: number; uses: SessionUse[] }[];
}

const NEXT = newestEngine + 1;

/** Does something while the product knows another set of defaults, as its next version would. */
export function withDefaults<T>({ rules, paces, uses }: Changed, work: () => T): T {
  const tables = [
    [houseRulesSince, rules],
    [pacesSince, paces],
    [usesSince, uses],
  ] as const;
  try {
    for (const [since, changed] of tables) if (changed) Object.assign(since, { [NEXT]: changed });
    return work();
  } finally {
    for (const [since] of tables) Reflect.deleteProperty(since, NEXT);
  }
}
