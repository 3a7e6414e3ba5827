import type { Measure } from '../../base/index.js';
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
  if (!command) return false;
  const before = Object.keys(command.change).map((field) => [
    field,
    spec[field as keyof typeof spec],
  ]);
  return JSON.stringify(Object.fromEntries(before)) === JSON.stringify(command.change);
}
