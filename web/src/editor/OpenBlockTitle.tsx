import type { CheckedBlock } from '@nadir/core';
import { formatDuration, formatPace } from '@nadir/core/base/format';
import type { ReactNode } from 'react';
import { useSignedIn } from '../api/session.js';
import { Countdown } from '../components/Countdown.js';
import { TitleBlock } from '../components/TitleBlock.js';
import { formatDay } from '../components/dates.js';
import { SaveLine } from './SaveLine.js';
import { UndoRedo } from './UndoRedo.js';
import { useEditor } from './useEditor.js';

/** Over every view of the open block: who, toward what, how long to go, and what is stored. */
export function OpenBlockTitle({
  spec: { athlete, race, weeks, start },
  view,
  children,
}: Pick<CheckedBlock, 'spec'> & {
  /** Which view it is, where it is not the block itself. */
  view?: string;
  children?: ReactNode;
}) {
  const { today } = useSignedIn();
  const version = useEditor((editor) => editor.block?.revision);
  const goal =
    race.goalTime === undefined
      ? []
      : [
          `goal ${formatDuration(race.goalTime)}, ${formatPace((race.goalTime / race.distance) * 1000, athlete.unit)}`,
        ];
  return (
    <TitleBlock
      title={athlete.name || 'Block'}
      detail={[view, race.name, formatDay(race.date), ...goal].filter(Boolean).join(' · ')}
      middle={<Countdown weeks={weeks} start={start} race={race.date} today={today} />}
    >
      <span className="only-print">version {version}</span>
      <SaveLine />
      <UndoRedo />
      {children}
    </TitleBlock>
  );
}
