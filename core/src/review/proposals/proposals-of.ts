import { equalAsJson, type Measure } from '../../base/index.js';
import type { Review } from '../done/review-block.js';
import { backBySteps } from './back-by-steps.js';
import { carryOn } from './carry-on.js';
import { hardWhereEasy } from './hard-where-easy.js';
import { afterIllness } from './illness.js';
import { afterMissedDays } from './missed-days.js';
import { missedSession } from './missed-session.js';
import { afterNiggle } from './niggle.js';
import type { Proposal, Propose } from './proposal.js';
import { restNow } from './rest-now.js';

/** Every answer there is; adding one is one file and one line. Health goes first. */
const all: readonly Propose[] = [
  afterNiggle,
  afterIllness,
  backBySteps,
  restNow,
  afterMissedDays,
  missedSession,
  hardWhereEasy,
  carryOn,
];

/** What may be done about what was run. Where health is at stake, nothing else is proposed. */
export function proposalsOf(review: Review, measure: Measure): Proposal[] {
  const proposals = all
    .flatMap((propose) => propose(review, measure))
    .map((proposal) =>
      isTaken(review, proposal) ? { ...proposal, command: undefined } : proposal,
    );
  const care = proposals.filter(({ health }) => health);
  return care.length > 0 ? care : proposals;
}

/** True where the block is as it proposes already. */
function isTaken({ block: { spec } }: Review, { command }: Proposal): boolean {
  return command !== undefined && isAs(spec, command.change);
}

/** True where everything that is asked for is so; what is left open is as it is worked out. */
function isAs(is: unknown, asked: unknown): boolean {
  if (asked === undefined) return true;
  const isPlain = typeof asked === 'object' && asked !== null && !Array.isArray(asked);
  if (!isPlain || typeof is !== 'object' || is === null) return equalAsJson(is, asked);
  return Object.entries(asked).every(([key, value]) => isAs(is[key as keyof typeof is], value));
}
