import Button from '@mui/material/Button';
import { addEvent, changeEvent, removeEvent } from '@nadir/core/edit';
import { type BlockEvent, eventCharacters, lastDay } from '@nadir/core/spec/days';
import { memo, useState } from 'react';
import styles from './EventList.module.css';
import { formatDay } from '../../components/dates.js';
import { EventForm } from './EventForm.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import type { Commands } from '../../editor/useCommands.js';
import * as wording from './wording.js';

/** Races, tests, camps, holidays and days away: placed, changed, removed. */
export const EventList = memo(function EventList({
  base,
  drawn,
  commands,
}: {
  base: LaidAndShown;
  /** The block with what is being asked for, while it is. */
  drawn: LaidAndShown;
  commands: Commands;
}) {
  /** The place of the event in the form; -1 for a new one. */
  const [edited, setEdited] = useState<number>();
  const { block } = base;
  const { events } = block.spec;
  const close = () => {
    commands.cancel();
    setEdited(undefined);
  };
  const command = (event: BlockEvent, makesRoom: boolean) =>
    edited === undefined || edited < 0
      ? addEvent(block, event, makesRoom)
      : changeEvent(block, edited, event, makesRoom);
  return (
    <section aria-label={wording.racesAndDaysAway}>
      <h2 className="display">{wording.racesDaysAway}</h2>
      {events.length === 0 && edited === undefined && <p className="muted">{wording.noneYet}</p>}
      <ul className="plain-list">
        {events.map((event, index) => (
          <li key={`${event.kind} ${event.from}`} className={styles.event}>
            <b>{event.name}</b>
            <div className="small muted">
              {eventCharacters[event.kind].title}, {formatDay(event.from)}
              {lastDay(event) !== event.from && wording.toWithin(formatDay(lastDay(event)))}
            </div>
            <div className={styles.acts}>
              <Button variant="outlined" onClick={() => setEdited(index)}>
                {wording.change}
              </Button>
              <Button
                variant="outlined"
                onClick={() => {
                  setEdited(undefined);
                  commands.run(removeEvent(block, index));
                }}
              >
                {wording.remove}
              </Button>
            </div>
          </li>
        ))}
      </ul>
      {edited === undefined ? (
        <Button className={styles.add} variant="outlined" onClick={() => setEdited(-1)}>
          {wording.addARaceOrDaysAway}
        </Button>
      ) : (
        <EventForm
          key={edited}
          event={events[edited]}
          base={base}
          drawn={drawn}
          isWritten={(event) => Object.keys(command(event, true).change).length > 1}
          onShow={(event, makesRoom) => commands.show(command(event, makesRoom))}
          onKeep={(event, makesRoom) => {
            const problems = commands.run(command(event, makesRoom));
            if (problems.length === 0) setEdited(undefined);
            return problems;
          }}
          onClose={close}
        />
      )}
    </section>
  );
});
