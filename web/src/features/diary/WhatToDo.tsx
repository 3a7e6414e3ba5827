import Button from '@mui/material/Button';
import { consequenceWords } from '@nadir/core/present';
import { type Proposal, proposalsOf, type Review } from '@nadir/core/review';
import { type ReactNode, useMemo, useState } from 'react';
import { useSay } from '../../components/messages.js';
import { laidOf, type LaidAndShown, usePast } from '../../components/useLaidBlock.js';
import { SmallChange } from './SmallChange.js';
import type { Commands } from '../../editor/useCommands.js';
import { activeFile } from '../../editor/useCommands.js';
import { useEditor } from '../../editor/useEditor.js';
import { changedFile } from '@nadir/contract';
import styles from './Diary.module.css';

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
  return (
    <section aria-label="What to do">
      <h2 className="display">What to do</h2>
      {proposals.length === 0 ? (
        <p className="muted">Nothing: the plan goes on as it stands.</p>
      ) : (
        <p className="muted">Nothing changes until you apply it.</p>
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

function OneProposal({
  proposal: { title, because, caution, command },
  base,
  commands,
  onLeave,
}: {
  proposal: Proposal;
  base: LaidAndShown;
  commands: Commands;
  onLeave: () => void;
}) {
  const say = useSay();
  const file = useEditor(activeFile);
  const past = usePast();
  const after = useMemo(() => {
    if (!command || !file) return undefined;
    const next = changedFile(file, command.change);
    return next.ok ? laidOf(next.value, past, base.shown.measure) : undefined;
  }, [command, file, past, base]);
  const [shown, setShown] = useState(false);

  function apply() {
    if (!command) return;
    const problems = commands.run(command);
    say({
      text:
        problems.length > 0 ? problems.map(({ message }) => message).join(' ') : command.message,
    });
  }

  return (
    <article className={styles.proposal}>
      <h3>{title}</h3>
      {after && <SmallChange before={base} after={after} />}
      <p>{because}</p>
      {after && <p className="muted">{consequenceWords(base, after) || 'No week changes.'}</p>}
      {caution && <p className={styles.caution}>{caution}</p>}
      <div className={styles.acts}>
        {command && (
          <>
            <Button variant="outlined" onClick={apply}>
              Apply
            </Button>
            <Button
              aria-pressed={shown}
              onClick={() => {
                if (shown) commands.cancel();
                else commands.show(command);
                setShown(!shown);
              }}
            >
              {shown ? 'Back to the plan' : 'Preview'}
            </Button>
          </>
        )}
        <Button onClick={onLeave}>{command ? 'Leave it' : 'OK'}</Button>
      </div>
    </article>
  );
}
