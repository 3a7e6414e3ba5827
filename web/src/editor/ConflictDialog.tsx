import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { BlockFile } from '@nadir/contract';
import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { useSignedIn } from '../api/session.js';
import { memo } from 'react';
import { useDispatch } from 'react-redux';
import { useLaidBlock } from '../components/useLaidBlock.js';
import { Section } from '../drawing/Section.js';
import { formatClock } from '../components/dates.js';
import { mineKept, theirsTaken } from './editor-slice.js';
import styles from './Editor.module.css';
import { useEditor } from './useEditor.js';
import * as wording from './wording.js';

/** Both versions drawn side by side, and a choice; the one not chosen stays in undo or in the history. */
export const ConflictDialog = memo(function ConflictDialog() {
  const dispatch = useDispatch();
  const { present, theirs, leftovers, unsaved } = useEditor((editor) => editor);
  const [leftover] = leftovers;
  if (!present || (!theirs && !leftover)) return null;
  return (
    <Dialog open maxWidth="lg" fullWidth aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title">
        {leftover ? wording.twoUnsavedVersionsOfThisBlock : wording.thisBlockWasChangedElsewhere}
      </DialogTitle>
      <DialogContent>
        <p>
          {leftover
            ? wording.twoTabsWereClosedBeforeTheirChanges
            : wording.anotherTabOrDeviceSavedItSince}
        </p>
        <div className={styles.versions}>
          <Version
            title={leftover ? wording.theLaterOne : wording.yoursOnThisPage}
            detail={unsaved.slice(-3).join(' ')}
            wishes={present}
          />
          {leftover ? (
            <Version
              title={wording.theEarlierOne}
              detail={`${formatClock(leftover.at)}: ${leftover.unsaved.slice(-3).join(' ')}`}
              wishes={leftover.wishes}
            />
          ) : (
            theirs && (
              <Version
                title={wording.theOtherSaved}
                detail={wording.atVersion(formatClock(theirs.savedAt), theirs.revision)}
                wishes={theirs.wishes}
              />
            )
          )}
        </div>
      </DialogContent>
      <DialogActions>
        <Button variant="outlined" onClick={() => dispatch(theirsTaken())}>
          {leftover ? wording.useTheEarlierOne : wording.useTheOtherVersion}
        </Button>
        <Button variant="contained" onClick={() => dispatch(mineKept())}>
          {leftover ? wording.useTheLaterOne : wording.keepMine}
        </Button>
      </DialogActions>
    </Dialog>
  );
});

const WIDTH = 520;

function Version({ title, detail, wishes }: { title: string; detail: string; wishes: BlockFile }) {
  const { block, shown } = useLaidBlock(wishes);
  const { today } = useSignedIn();
  const pins = block.spec.pins.map(({ week }) => week).join(', ');
  return (
    <section aria-label={title} tabIndex={0}>
      <h3>{title}</h3>
      <p>{detail}</p>
      <Section
        block={block}
        shown={shown}
        columns={{ width: WIDTH, labels: 64, weeks: block.weeks.length }}
        height={260}
        today={today}
      />
      <p>
        {wording.weeksInAll(
          block.weeks.length,
          formatSteps(shown.total, shown.measure),
          unitName(shown.measure),
          pins && wording.fixedWeek(pins),
        )}
      </p>
    </section>
  );
}
