import Button from '@mui/material/Button';
import { changedFile } from '@nadir/contract';
import { consequenceWords } from '@nadir/core/present/compare';
import type { Proposal } from '@nadir/core/review';
import { type ReactNode, useMemo, useState } from 'react';
import { useSay } from '../../components/messages.js';
import { laidOf, type LaidAndShown, usePast } from '../../components/useLaidBlock.js';
import { activeFile, type Commands } from '../../editor/useCommands.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Diary.module.css';
import { SmallChange } from './SmallChange.js';
import * as wording from './wording.js';

/** A change that may be made: drawn before it is taken, and left by the coach who does not want it. */
export function OneProposal({
  proposal: { title, because, caution, command },
  base,
  commands,
  leave = command ? wording.leaveIt : 'OK',
  children,
  onApply = () => undefined,
  onLeave,
}: {
  proposal: Proposal;
  base: LaidAndShown;
  commands: Commands;
  /** What the button says that leaves it. */
  leave?: string;
  /** What is to be said with it. */
  children?: ReactNode;
  onApply?: () => void;
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
    if (problems.length === 0) onApply();
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
      {after && <p className="muted">{consequenceWords(base, after) || wording.noWeekChanges}</p>}
      {caution && <p className={styles.caution}>{caution}</p>}
      {children}
      <div className={styles.acts}>
        {command && (
          <>
            <Button variant="outlined" onClick={apply}>
              {wording.apply}
            </Button>
            <Button
              aria-pressed={shown}
              onClick={() => {
                if (shown) commands.cancel();
                else commands.show(command);
                setShown(!shown);
              }}
            >
              {shown ? wording.backToThePlan : wording.preview}
            </Button>
          </>
        )}
        <Button onClick={onLeave}>{leave}</Button>
      </div>
    </article>
  );
}
