import type { CheckedBlock } from '@nadir/core';
import {
  type Command,
  copyShape,
  dropWeek,
  freeWeeks,
  insertWeek,
  scaleWeeks,
  shiftWeeks,
  toggleRecovery,
  weekWords,
} from '@nadir/core/edit';
import { carryDays, keepLengths } from '@nadir/core/edit/week';
import { memo } from 'react';
import { type ActGroup, ActMenu } from '../components/ActMenu.js';
import { useDaysOver } from '../components/history.js';
import { useSay } from '../components/messages.js';
import type { Commands } from './useCommands.js';
import { MenuFigure } from './MenuFigure.js';

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
    const problem = command
      ? commands.run(command)[0]?.message
      : 'The block can be no shorter or longer.';
    if (problem) say({ text: problem });
  };
  const act = (label: string, command: () => Command | undefined) => ({
    label,
    run: () => run(command()),
  });
  const over = useDaysOver();
  const freed = freeWeeks(block, weeks, over);
  const isRecovery = weeks.every((number) => block.weeks[number - 1]?.recovery);
  const groups: ActGroup[] = [
    {
      title: 'Lighter or heavier',
      acts: [
        act('Lighter by 5%', () => scaleWeeks(block, weeks, 0.95)),
        act('Heavier by 5%', () => scaleWeeks(block, weeks, 1.05)),
      ],
      field: (
        <MenuFigure
          label="Scale to, %"
          start={100}
          least={1}
          most={300}
          onTake={(percent) => run(scaleWeeks(block, weeks, percent / 100))}
        />
      ),
    },
    {
      title: 'Recovery',
      acts: [
        act(isRecovery ? 'Make building' : 'Make recovery', () => toggleRecovery(block, weeks)),
      ],
    },
    {
      title: 'Move and copy',
      acts: [
        act('Move a week earlier', () => shiftWeeks(block, weeks, -1)),
        act('Move a week later', () => shiftWeeks(block, weeks, 1)),
      ],
      field: (
        <MenuFigure
          label="Copy pattern to week"
          start={Math.min(block.weeks.length, last + 1)}
          least={1}
          most={block.weeks.length}
          onTake={(target) => run(copyShape(block, weeks, target))}
        />
      ),
    },
    {
      title: 'Days',
      acts: [
        ...(many
          ? [
              act(`Copy week ${first}’s days to the others`, () =>
                carryDays(block, first, weeks, 'as-they-are'),
              ),
              act(`Copy week ${first}’s days, scaled to each week`, () =>
                carryDays(block, first, weeks, 'scaled'),
              ),
            ]
          : [act('Repeat its easy days every week', () => keepLengths(block, first))]),
        { ...act('Free everything fixed', () => freed), disabled: freed === undefined },
      ],
    },
    {
      title: 'Weeks of the block',
      acts: [
        act(`Insert a week before week ${first}`, () => insertWeek(block, first)),
        { ...act(`Remove week ${first}`, () => dropWeek(block, first)), disabled: many },
        ...(onOpen ? [{ label: 'Open its days', run: onOpen }] : []),
      ],
    },
  ];
  return (
    <ActMenu
      variant="outlined"
      label={many ? `These weeks: ${weekWords(weeks).replace('weeks ', '')}` : 'This week'}
      groups={groups}
    />
  );
});
