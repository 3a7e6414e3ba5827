import type { CheckedBlock } from '@nadir/core';
import {
  type Command,
  copyShape,
  dropWeek,
  insertWeek,
  scaleWeeks,
  shiftWeeks,
  toggleRecovery,
  weekWords,
} from '@nadir/core/edit';
import { type KeyboardEvent, memo, useState } from 'react';
import { token } from '../../theme/tokens.js';
import type { Commands } from '../../editor/useCommands.js';

/** What can be done to the weeks in hand, each a step to be undone. */
export const WeekTools = memo(function WeekTools({
  block,
  weeks,
  commands,
}: {
  block: CheckedBlock;
  weeks: readonly number[];
  commands: Commands;
}) {
  const [problem, setProblem] = useState<string>();
  const first = weeks[0] ?? 1;
  const last = weeks.at(-1) ?? first;
  const run = (command: Command | undefined) => {
    setProblem(
      command ? commands.run(command)[0]?.message : 'The block can be no shorter or longer.',
    );
  };
  const tool = (label: string, title: string, command: () => Command | undefined) => (
    <button type="button" className="tool" title={title} onClick={() => run(command())}>
      {label}
    </button>
  );
  const onPercent = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== 'Enter') return;
    const percent = event.currentTarget.valueAsNumber;
    if (event.currentTarget.validity.valid && percent > 0) {
      run(scaleWeeks(block, weeks, percent / 100));
    }
  };
  const onTarget = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== 'Enter') return;
    const target = event.currentTarget.valueAsNumber;
    if (event.currentTarget.validity.valid && target > 0) run(copyShape(block, weeks, target));
  };
  return (
    <div role="group" aria-label={`Tools for ${weekWords(weeks)}`} className="week-tools">
      <b
        style={{ fontWeight: 600, minWidth: 78 }}
        title="Shift with arrows or a click takes more weeks"
      >
        {capital(weekWords(weeks))}
      </b>
      {tool('−5 %', 'Lighter by a twentieth', () => scaleWeeks(block, weeks, 0.95))}
      {tool('+5 %', 'Heavier by a twentieth', () => scaleWeeks(block, weeks, 1.05))}
      <label>
        to{' '}
        <input
          type="number"
          min={1}
          max={300}
          defaultValue={100}
          aria-label="Scale to per cent; Enter does it"
          className="answer"
          onKeyDown={onPercent}
        />{' '}
        %
      </label>
      {tool('earlier', 'Move these volumes a week earlier', () => shiftWeeks(block, weeks, -1))}
      {tool('later', 'Move these volumes a week later', () => shiftWeeks(block, weeks, 1))}
      {tool('recovery', 'Recovery weeks, or building weeks again', () =>
        toggleRecovery(block, weeks),
      )}
      <label>
        shape to week{' '}
        <input
          type="number"
          min={1}
          max={block.weeks.length}
          defaultValue={Math.min(block.weeks.length, last + 1)}
          key={last}
          aria-label="Copy the shape to the weeks from this one on; Enter does it"
          className="answer"
          onKeyDown={onTarget}
        />
      </label>
      {tool('insert week', `Insert a week before week ${first}`, () => insertWeek(block, first))}
      {weeks.length === 1 && tool('drop week', `Drop week ${first}`, () => dropWeek(block, first))}
      <span role="status" style={{ color: token('signal') }}>
        {problem}
      </span>
    </div>
  );
});

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
