import Button from '@mui/material/Button';
import type { CivilDate } from '@nadir/core/base';
import { formatDuration } from '@nadir/core/base/format';
import { useSignedIn } from '../../api/session.js';
import { memo } from 'react';
import { useDispatch } from 'react-redux';
import { Link } from 'react-router';
import type { CarriedWishes } from '../../components/carried-wishes.js';
import { token } from '../../theme/tokens.js';
import { TopStrip } from '../../components/TopStrip.js';
import { formatDay, timeToGo } from '../../components/dates.js';
import { BlockMenu } from './BlockMenu.js';
import { tryStarted } from '../../editor/editor-slice.js';
import { SaveLine } from '../../editor/SaveLine.js';
import { UndoRedo } from '../../editor/UndoRedo.js';
import { Shortcuts } from './Shortcuts.js';
import { activeFile } from '../../editor/useCommands.js';
import { useEditor } from '../../editor/useEditor.js';

/** Athlete, goal race, time to go; save state, undo, redo. */
export const BlockStrip = memo(function BlockStrip({
  athlete,
  race,
  goalTime,
  raceDay,
}: {
  athlete: string;
  race: string;
  /** Seconds. */
  goalTime: number | undefined;
  raceDay: CivilDate;
}) {
  const { today } = useSignedIn();
  const dispatch = useDispatch();
  const stored = useEditor((editor) => editor.block);
  const file = useEditor(activeFile);
  const trial = useEditor((editor) => editor.trial);
  return (
    <TopStrip
      title={athlete || 'Block'}
      detail={`${race} · ${formatDay(raceDay)}${goalTime === undefined ? '' : ` · goal ${formatDuration(goalTime)}`}`}
      middle={
        <span style={{ whiteSpace: 'nowrap' }}>
          <b className="display" style={{ color: token('signal'), fontSize: 20 }}>
            {timeToGo(today, raceDay)}
          </b>
          {today < raceDay && <span style={{ color: token('muted') }}> to go</span>}
        </span>
      }
    >
      <SaveLine />
      <UndoRedo />
      <Button
        disabled={trial !== null}
        title="Change a second version, with this one drawn beside it"
        onClick={() => dispatch(tryStarted())}
      >
        try
      </Button>
      {stored && file && (
        <Button
          component={Link}
          to={`/blocks/${stored.id}/wishes`}
          state={{ wishes: file, words: '' } satisfies CarriedWishes}
          title="Race, weeks, volume, long run, taper, week"
        >
          wishes
        </Button>
      )}
      {stored && (
        <Button component={Link} to={`/blocks/${stored.id}/paces`}>
          paces
        </Button>
      )}
      {stored && file && <BlockMenu block={stored} file={file} />}
      <Shortcuts />
    </TopStrip>
  );
});
