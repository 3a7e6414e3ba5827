import type { CheckedBlock } from '@nadir/core';
import {
  type Command,
  copyShape,
  dropWeek,
  freeWeeks,
  insertWeek,
  isRestart,
  scaleWeeks,
  shiftWeeks,
  toggleRecovery,
  toggleRestart,
  weekWords,
} from '@nadir/core/edit';
import { carryDays, keepLengths } from '@nadir/core/edit/week';
import { memo } from 'react';
import { type ActGroup, ActMenu } from '../components/ActMenu.js';
import { useDaysOver } from '../components/history.js';
import { useSay } from '../components/messages.js';
import type { Commands } from './useCommands.js';
import { MenuFigure } from './MenuFigure.js';
import * as wording from './wording.js';

/** What can be done to the chosen weeks, in named groups; each act is a step to be undone. */
export const ThisWeek = memo(function ThisWeek({
  block,
  weeks,
  commands,
  onOpen,
}: {
  block: CheckedBlock;
  weeks: readonly number[];
  commands: Commands;
  /** Goes to the days of the week; left out where they are on the page. */
  onOpen?: (() => void) | undefined;
}) {
  const say = useSay();
  const first = weeks[0] ?? 1;
  const last = weeks.at(-1) ?? first;
  const many = weeks.length > 1;
  const run = (command: Command | undefined) => {
    const problem = command ? commands.run(command)[0]?.message : wording.theBlockCanBeNoShorter;
    if (problem) say({ text: problem });
  };
  const act = (label: string, command: () => Command | undefined) => ({
    label,
    run: () => run(command()),
  });
  const over = useDaysOver();
  const freed = freeWeeks(block, weeks, over);
  const anew = toggleRestart(block, first);
  const isRecovery = weeks.every((number) => block.weeks[number - 1]?.recovery);
  const groups: ActGroup[] = [
    {
      title: wording.lighterOrHeavier,
      acts: [
        act(wording.lighterBy5Percent, () => scaleWeeks(block, weeks, 0.95)),
        act(wording.heavierBy5Percent, () => scaleWeeks(block, weeks, 1.05)),
      ],
      field: (
        <MenuFigure
          label={wording.scaleToPercent}
          start={100}
          least={1}
          most={300}
          onTake={(percent) => run(scaleWeeks(block, weeks, percent / 100))}
        />
      ),
    },
    {
      title: wording.recovery,
      acts: [
        act(isRecovery ? wording.makeBuilding : wording.makeRecovery, () =>
          toggleRecovery(block, weeks),
        ),
        {
          ...act(isRestart(block, first) ? wording.noRebuild : wording.rebuild, () => anew),
          disabled: many || anew === undefined,
        },
      ],
    },
    {
      title: wording.moveAndCopy,
      acts: [
        act(wording.moveAWeekEarlier, () => shiftWeeks(block, weeks, -1)),
        act(wording.moveAWeekLater, () => shiftWeeks(block, weeks, 1)),
      ],
      field: (
        <MenuFigure
          label={wording.copyPatternToWeek}
          start={Math.min(block.weeks.length, last + 1)}
          least={1}
          most={block.weeks.length}
          onTake={(target) => run(copyShape(block, weeks, target))}
        />
      ),
    },
    {
      title: wording.days,
      acts: [
        ...(many
          ? [
              act(wording.copyWeekSDaysToTheOthers(first), () =>
                carryDays(block, first, weeks, 'as-they-are'),
              ),
              act(wording.copyWeekSDays(first), () => carryDays(block, first, weeks, 'scaled')),
            ]
          : [act(wording.repeatItsEasyDaysEveryWeek, () => keepLengths(block, first))]),
        { ...act(wording.freeEverythingFixed, () => freed), disabled: freed === undefined },
      ],
    },
    {
      title: wording.weeksOfTheBlock,
      acts: [
        act(wording.insertAWeekBeforeWeek(first), () => insertWeek(block, first)),
        { ...act(wording.removeWeek(first), () => dropWeek(block, first)), disabled: many },
        ...(onOpen ? [{ label: wording.openItsDays, run: onOpen }] : []),
      ],
    },
  ];
  return (
    <ActMenu
      variant="outlined"
      label={many ? wording.theseWeeks(weekWords(weeks).replace('weeks ', '')) : wording.thisWeek}
      groups={groups}
    />
  );
});
