import Button from '@mui/material/Button';
import type { Unit } from '@nadir/core/base';
import { formatRace } from '@nadir/core/base/format';
import { addEvent, changeEvent, removeEvent } from '@nadir/core/edit';
import { type BlockEvent, eventCharacters, lastDay } from '@nadir/core/spec/days';
import { memo, useState } from 'react';
import styles from './EventList.module.css';
import { formatDay } from '../../components/dates.js';
import { EventForm } from './EventForm.js';
import { useSignedIn } from '../../api/session.js';
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
  const { today } = useSignedIn();
  const { events } = block.spec;
  const close = () => {
    commands.cancel();
    setEdited(undefined);
  };
  const command = (event: BlockEvent, makesRoom: boolean) =>
    edited === undefined || edited < 0
      ? addEvent(block, event, { makesRoom, today })
      : changeEvent(block, edited, event, { makesRoom, today });
  // What was asked of another one is not kept by going to this one.
  const edit = (place: number) => {
    commands.cancel();
    setEdited(place);
  };
  const form = edited !== undefined && (
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
  );
  return (
    <section aria-label={wording.racesAndDaysAway}>
      <h2 className="display">{wording.racesDaysAway}</h2>
      {events.length === 0 && edited === undefined && <p className="muted">{wording.noneYet}</p>}
      <ul className="plain-list">
        {events.map((event, index) => (
          <li key={`${event.kind} ${event.from}`} className={styles.event}>
            <b>{event.name}</b>
            <div className="small muted">{eventWords(event, block.spec.athlete.unit)}</div>
            {edited === index ? (
              form
            ) : (
              <div className={styles.acts}>
                <Button
                  variant="outlined"
                  aria-label={wording.changeIt(event.name)}
                  onClick={() => edit(index)}
                >
                  {wording.change}
                </Button>
                <Button
                  variant="outlined"
                  aria-label={wording.removeIt(event.name)}
                  onClick={() => {
                    setEdited(undefined);
                    commands.run(removeEvent(block, index));
                  }}
                >
                  {wording.remove}
                </Button>
              </div>
            )}
          </li>
        ))}
      </ul>
      {edited === -1 ? (
        form
      ) : (
        <Button className={styles.add} variant="outlined" onClick={() => edit(-1)}>
          {wording.addARaceOrDaysAway}
        </Button>
      )}
    </section>
  );
});

/** What it is, how far where it is run, and when. */
function eventWords(event: BlockEvent, unit: Unit): string {
  const { kind, distance, from } = event;
  const last = lastDay(event);
  return [
    eventCharacters[kind].title,
    ...(distance === undefined ? [] : [formatRace(distance, unit)]),
    last === from ? formatDay(from) : wording.fromTo(formatDay(from), formatDay(last)),
  ].join(', ');
}
