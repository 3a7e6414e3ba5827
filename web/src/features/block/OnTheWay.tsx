import type { CheckedBlock } from '@nadir/core';
import { addEvent, changeEvent, removeEvent } from '@nadir/core/edit';
import { type BlockEvent, eventCharacters, lastDay } from '@nadir/core/spec/days';
import { memo, useState } from 'react';
import { token } from '../../theme/tokens.js';
import { formatDay } from '../../components/dates.js';
import { EventForm } from './EventForm.js';
import type { Commands } from '../../editor/useCommands.js';

/** Races, tests and days on the way to the goal: placed, changed, taken out. */
export const OnTheWay = memo(function OnTheWay({
  block,
  commands,
}: {
  block: CheckedBlock;
  commands: Commands;
}) {
  /** The place of the event in the form; -1 for a new one. */
  const [edited, setEdited] = useState<number>();
  const { events } = block.spec;
  const close = () => {
    commands.cancel();
    setEdited(undefined);
  };
  const command = (event: BlockEvent) =>
    edited === undefined || edited < 0 ? addEvent(block, event) : changeEvent(block, edited, event);
  return (
    <section aria-label="On the way">
      <h2 className="display">On the way</h2>
      {events.length === 0 && edited === undefined && (
        <p style={{ color: token('muted'), fontSize: 13 }}>
          Nothing yet. Races, tests, camps, holidays and days away are laid out around; what is
          missed is never made up.
        </p>
      )}
      <ul className="findings">
        {events.map((event, index) => (
          <li key={`${event.kind} ${event.from}`} style={{ padding: '6px 0', fontSize: 13 }}>
            <b style={{ fontWeight: 600 }}>{event.name}</b>
            <div style={{ color: token('muted'), fontSize: 12.5 }}>
              {eventCharacters[event.kind].title}, {formatDay(event.from)}
              {lastDay(event) !== event.from && ` to ${formatDay(lastDay(event))}`}
            </div>
            <div className="mending">
              <button type="button" className="tool" onClick={() => setEdited(index)}>
                Change
              </button>
              <button
                type="button"
                className="tool"
                onClick={() => {
                  setEdited(undefined);
                  commands.run(removeEvent(block, index));
                }}
              >
                Take out
              </button>
            </div>
          </li>
        ))}
      </ul>
      {edited === undefined ? (
        <button type="button" className="tool" onClick={() => setEdited(-1)}>
          Place a race or days
        </button>
      ) : (
        <EventForm
          key={edited}
          event={events[edited]}
          block={block}
          onShow={(event) => commands.show(command(event))}
          onKeep={(event) => {
            const problems = commands.run(command(event));
            if (problems.length === 0) setEdited(undefined);
            return problems;
          }}
          onClose={close}
        />
      )}
    </section>
  );
});
