import { proposalsOf, type Review } from '@nadir/core/review';
import { type ReactNode, useMemo, useState } from 'react';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import type { Commands } from '../../editor/useCommands.js';
import { OneProposal } from './OneProposal.js';
import * as wording from './wording.js';

/** What may be done about what was run: each drawn before it is taken, and left by the coach who does not want it. */
export function WhatToDo({
  review,
  base,
  commands,
  children,
}: {
  review: Review;
  base: LaidAndShown;
  commands: Commands;
  /** What the coach may ask for, under what is proposed. */
  children: ReactNode;
}) {
  const [left, setLeft] = useState<readonly string[]>([]);
  const all = useMemo(() => proposalsOf(review, base.shown.measure), [review, base]);
  const proposals = all.filter(({ key }) => !left.includes(key));
  // Once the race has been run there is no plan to carry on with.
  if (proposals.length === 0 && review.today > base.block.spec.race.date) return null;
  return (
    <section aria-label={wording.whatToDo}>
      <h2 className="display">{wording.whatToDo}</h2>
      {proposals.length === 0 && <p className="muted">{wording.nothingToDo}</p>}
      {proposals.some(({ command }) => command) && (
        <p className="muted">{wording.nothingChangesUntilYouApply}</p>
      )}
      {proposals.map((proposal) => (
        <OneProposal
          key={proposal.key}
          proposal={proposal}
          base={base}
          commands={commands}
          onLeave={() => setLeft([...left, proposal.key])}
        />
      ))}
      {children}
    </section>
  );
}
