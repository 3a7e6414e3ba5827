import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { AthletePage, PageBlock, PageDay, SentBody, SentEntry } from '@nadir/contract/athlete';
import type { CivilDate } from '@nadir/core/base';
import { useState } from 'react';
import styles from './AthletePage.module.css';
import type { DayNoted, NotedEntry } from './day-noted.js';
import { EffortRuler } from './EffortRuler.js';
import { NotedSoFar } from './NotedSoFar.js';
import { SomethingElse } from './SomethingElse.js';
import { SoreAnswer } from './SoreAnswer.js';
import * as wording from './wording.js';

/** What was done, before how hard it was and what is said of it. */
type Done = Omit<SentEntry, 'effort' | 'words'>;

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
  const { entries } = noted;
  const [first] = entries;
  // What is typed stands until it is sent, whatever comes from the coach meanwhile.
  const [typedEffort, setEffort] = useState<number>();
  const [typedWords, setWords] = useState<string>();
  const [isOpen, setOpen] = useState<'else' | 'sore'>();
  const effort = typedEffort ?? first?.effort;
  const words = typedWords ?? first?.words ?? '';
  const called = coach.split(' ')[0] ?? coach;

  /** The first thing done carries how hard it was, and the words. */
  function send(done: readonly Done[]) {
    const [main, ...others] = done;
    const said = {
      ...(effort !== undefined && main?.kind !== 'missed' && { effort }),
      ...(words.trim() !== '' && { words }),
    };
    if (!main) return;
    onNote({ kind: 'done', date, entries: [{ ...main, ...said }, ...others] });
    setEffort(undefined);
    setWords(undefined);
    setOpen(undefined);
  }
  const planned = day?.planned ?? [];
  const mine = entries.filter(({ mine: isMine, revision }) => isMine && revision !== null);
  const isChanged = typedEffort !== undefined || typedWords !== undefined;
  const toggle = (part: 'else' | 'sore') => setOpen(isOpen === part ? undefined : part);
  return (
    <>
      <NotedSoFar date={date} noted={noted} measure={measure} called={called} />
      <div className={styles.acts}>
        {entries.length === 0 && planned.length > 0 && (
          <Button
            variant="contained"
            onClick={() => send(planned.map((each, place) => ({ ...each, place, revision: null })))}
          >
            {wording.asPlanned}
          </Button>
        )}
        {entries.length > 0 && isChanged && (
          <Button variant="contained" onClick={() => send(entries.map(withoutSaid))}>
            {wording.sendIt}
          </Button>
        )}
        <Button variant="outlined" aria-expanded={isOpen === 'else'} onClick={() => toggle('else')}>
          {elseWords(entries.length > 0, planned.length > 0)}
        </Button>
      </div>
      {isOpen === 'else' && (
        <SomethingElse
          before={first}
          measure={measure}
          onSend={(done) =>
            send([{ ...done, place: 0, revision: first?.mine ? first.revision : null }])
          }
        />
      )}
      {mine.length > 0 && isOpen === 'else' && (
        <div className={styles['small-acts']}>
          <Button
            onClick={() => {
              setOpen(undefined);
              onNote({ kind: 'take-back', date, entries: mine.map(placeOf) });
            }}
          >
            {wording.removeWhatINoted}
          </Button>
        </div>
      )}
      <div className={styles.field}>
        <div className={styles.over}>
          <h3>{wording.effort}</h3>
          <span className="muted">{meantWords(day)}</span>
        </div>
        <EffortRuler value={effort} meant={day?.meant} onAnswer={setEffort} />
      </div>
      <label className={styles.field}>
        <b>{wording.aWordTo(called)}</b>
        <OutlinedInput
          multiline
          minRows={2}
          placeholder={wording.howWereTheLegs}
          value={words}
          slotProps={{ input: { maxLength: 600 } }}
          onChange={({ target }) => setWords(target.value)}
        />
      </label>
      <div className={styles.beside}>
        <Button variant="outlined" aria-expanded={isOpen === 'sore'} onClick={() => toggle('sore')}>
          {noted.sore
            ? wording.soreOf10(noted.sore.where, noted.sore.level)
            : wording.somethingHurts}
        </Button>
      </div>
      {isOpen === 'sore' && (
        <SoreAnswer
          before={noted.sore && soreOf(noted.sore)}
          called={called}
          onTell={(sore) => {
            onNote({ kind: 'done', date, entries: [], sore });
            setOpen(undefined);
          }}
        />
      )}
    </>
  );
}

function elseWords(isNoted: boolean, hasPlan: boolean): string {
  if (isNoted) return wording.changeIt;
  return hasPlan ? wording.somethingElse : wording.noteWhatIDid;
}

function meantWords(day: PageDay | undefined): string {
  if (!day?.meant) return wording.slideOrTouch;
  const [from, to] = day.meant;
  return wording.meantOf10(from, to);
}

function placeOf({ place, revision }: NotedEntry) {
  return { place, revision: revision ?? 1 };
}

function soreOf({ date: _, ...sore }: NonNullable<DayNoted['sore']>) {
  return sore;
}

/** What is sent of an entry again; effort and words are said anew. */
function withoutSaid({
  place,
  revision,
  kind,
  distance,
  time,
  reps,
  reason,
  mine,
}: NotedEntry): Done {
  return { place, revision: mine ? revision : null, kind, distance, time, reps, reason };
}
