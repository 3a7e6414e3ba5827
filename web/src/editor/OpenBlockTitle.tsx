import type { CheckedBlock } from '@nadir/core';
import { goalWords } from '@nadir/core/present/figures';
import type { ReactNode } from 'react';
import { useSignedIn } from '../api/session.js';
import { Countdown } from '../components/Countdown.js';
import { TitleBlock } from '../components/TitleBlock.js';
import { formatDay } from '../components/dates.js';
import { SaveLine } from './SaveLine.js';
import { UndoRedo } from './UndoRedo.js';
import { useEditor } from './useEditor.js';
import * as wording from './wording.js';

/** Over every view of the open block: who, toward what, how long to go, and what is stored. */
export function OpenBlockTitle({
  spec,
  view,
  children,
}: Pick<CheckedBlock, 'spec'> & {
  /** Which view it is, where it is not the block itself. */
  view?: string;
  children?: ReactNode;
}) {
  const { athlete, race, weeks, start } = spec;
  const { today } = useSignedIn();
  const version = useEditor((editor) => editor.block?.revision);
  const aim = goalWords(spec);
  // A goal and its pace stay in one line.
  const goal = aim === undefined ? [] : [wording.goal(aim).replaceAll(' ', '\u00a0')];
  return (
    <TitleBlock
      title={athlete.name || wording.block}
      detail={[view, race.name, formatDay(race.date), ...goal].filter(Boolean).join(' · ')}
      middle={<Countdown weeks={weeks} start={start} race={race.date} today={today} />}
    >
      <span className="only-print">
        {wording.version}
        {version}
      </span>
      <SaveLine />
      <UndoRedo />
      {children}
    </TitleBlock>
  );
}
