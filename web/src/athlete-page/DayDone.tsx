import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { AthletePage, PageBlock, PageDay, SentBody, SentEntry } from '@nadir/contract/athlete';
import type { CivilDate } from '@nadir/core/base';
import { doneWords } from '@nadir/core/present/review';
import { useState } from 'react';
import { Tick } from '../components/Tick.js';
import styles from './AthletePage.module.css';
import type { DayNoted, NotedEntry } from './day-noted.js';
import { EffortRuler } from './EffortRuler.js';
import { SomethingElse } from './SomethingElse.js';

const NO_SORE = { where: '', level: 3, stride: false };

/** What was done on a day: in one touch as planned, or as it was; how hard, and a word to the coach. */
export function DayDone({
  day,
  date,
  noted,
  measure,
  coach,
  onNote,
}: {
  /** Undefined on a day of no block. */
  day: PageDay | undefined;
  date: CivilDate;
  noted: DayNoted;
  measure: PageBlock['measure'];
  coach: AthletePage['coach'];
  onNote: (body: SentBody) => void;
}) {
  const [first] = noted.entries;
  const [effort, setEffort] = useState(first?.effort);
  const [words, setWords] = useState(first?.words ?? '');
  const [sore, setSore] = useState({ ...NO_SORE, ...noted.sore });
  const [isOpen, setOpen] = useState<'else' | 'sore'>();
  const called = coach.split(' ')[0] ?? coach;

  /** The first thing done carries how hard it was, and the words. */
  function send(entries: readonly Omit<SentEntry, 'effort' | 'words'>[]) {
    const [main, ...others] = entries;
    const said = {
      ...(effort !== undefined && main?.kind !== 'missed' && { effort }),
      ...(words.trim() !== '' && { words }),
    };
    onNote({
      kind: 'done',
      date,
      entries: main ? [{ ...main, ...said }, ...others] : [],
      ...(sore.where.trim() !== '' && {
        sore: { where: sore.where, level: sore.level, ...(sore.stride && { stride: true }) },
      }),
    });
    setOpen(undefined);
  }
  const revisionOf = (place: number) =>
    noted.entries.find((entry) => entry.place === place && entry.mine)?.revision ?? null;
  const asPlanned = () =>
    send(
      (day?.planned ?? []).map((planned, place) => ({
        ...planned,
        place,
        revision: revisionOf(place),
      })),
    );
  const again = () => send(noted.entries.map(withoutSaid));
  const mine = noted.entries.filter(({ mine: isMine, revision }) => isMine && revision !== null);
  const isChanged =
    effort !== first?.effort ||
    words !== (first?.words ?? '') ||
    sore.where !== (noted.sore?.where ?? '');
  const hasPlan = (day?.planned.length ?? 0) > 0;
  return (
    <>
      {noted.entries.length > 0 && (
        <div className={styles.noted} role="status">
          <p>
            <b>{noted.waits ? 'Noted on this device: ' : 'Noted: '}</b>
            {doneWords(
              { entries: noted.entries.map((entry) => ({ ...entry, date })) },
              measure,
            ).join('; ')}
          </p>
          {noted.entries.map(
            ({ place, answer }) =>
              answer !== undefined && (
                <p key={place} className={styles.said}>
                  {answer} <span className="muted">{called}</span>
                </p>
              ),
          )}
        </div>
      )}
      <div className={styles.acts}>
        {noted.entries.length === 0 && hasPlan && (
          <Button variant="contained" onClick={asPlanned}>
            As planned
          </Button>
        )}
        {noted.entries.length > 0 && isChanged && (
          <Button variant="contained" onClick={again}>
            Send it
          </Button>
        )}
        <Button
          variant="outlined"
          aria-expanded={isOpen === 'else'}
          onClick={() => setOpen(isOpen === 'else' ? undefined : 'else')}
        >
          {noted.entries.length > 0 ? 'Change it' : hasPlan ? 'Something else' : 'Note what I did'}
        </Button>
      </div>
      {isOpen === 'else' && (
        <SomethingElse
          key={noted.entries.length}
          before={first}
          measure={measure}
          onSend={(entry) => send([{ ...entry, place: 0, revision: revisionOf(0) }])}
        />
      )}
      {mine.length > 0 && isOpen === 'else' && (
        <div className={styles['small-acts']}>
          <Button
            onClick={() => {
              setOpen(undefined);
              setEffort(undefined);
              setWords('');
              onNote({ kind: 'take-back', date, entries: mine.map(placeOf) });
            }}
          >
            Take back what I noted
          </Button>
        </div>
      )}
      <div className={styles.field}>
        <div className={styles.over}>
          <h3>Effort</h3>
          <span className="muted">{meantWords(day)}</span>
        </div>
        <EffortRuler value={effort} meant={day?.meant} onAnswer={setEffort} />
      </div>
      <label className={styles.field}>
        <b>A word to {called}</b>
        <OutlinedInput
          multiline
          minRows={2}
          placeholder="How were the legs, the ground, the sleep?"
          value={words}
          slotProps={{ input: { maxLength: 600 } }}
          onChange={({ target }) => setWords(target.value)}
        />
      </label>
      <div className={styles.beside}>
        <Button
          variant="outlined"
          aria-expanded={isOpen === 'sore'}
          onClick={() => setOpen(isOpen === 'sore' ? undefined : 'sore')}
        >
          {noted.sore ? `Sore: ${noted.sore.where}, ${noted.sore.level} of 10` : 'Something hurts'}
        </Button>
      </div>
      {isOpen === 'sore' && (
        <>
          <label className={styles.field}>
            Where
            <OutlinedInput
              placeholder="left calf"
              value={sore.where}
              slotProps={{ input: { maxLength: 80 } }}
              onChange={({ target }) => setSore({ ...sore, where: target.value })}
            />
          </label>
          <label className={styles.field}>
            How much, 1 to 10
            <OutlinedInput
              type="number"
              value={sore.level}
              slotProps={{ input: { min: 1, max: 10, inputMode: 'numeric' } }}
              onChange={({ target }) =>
                setSore({
                  ...sore,
                  level: Math.min(10, Math.max(1, Math.round(Number(target.value)))),
                })
              }
            />
          </label>
          <Tick
            label="It changes my stride"
            checked={sore.stride}
            onAnswer={(stride) => setSore({ ...sore, stride })}
          />
          {sore.stride && (
            <p className={styles.wrong}>
              Stop running until it is gone. Tell {called}, and see a doctor or physiotherapist if
              it stays.
            </p>
          )}
          <div className={styles['small-acts']}>
            <Button
              variant="contained"
              disabled={sore.where.trim() === ''}
              onClick={() =>
                send(noted.entries.filter(({ mine: isMine }) => isMine).map(withoutSaid))
              }
            >
              Tell {called}
            </Button>
          </div>
        </>
      )}
    </>
  );
}

function meantWords(day: PageDay | undefined): string {
  if (!day?.meant) return 'slide or touch, 1 to 10';
  const [from, to] = day.meant;
  return `meant: ${from === to ? from : `${from}–${to}`} of 10`;
}

function placeOf({ place, revision }: NotedEntry) {
  return { place, revision: revision ?? 1 };
}

/** What is sent of an entry again; effort and words are said anew. */
function withoutSaid({ place, revision, kind, distance, time, reps, reason, mine }: NotedEntry) {
  return { place, revision: mine ? revision : null, kind, distance, time, reps, reason };
}
