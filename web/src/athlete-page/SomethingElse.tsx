import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { PageBlock, SentEntry } from '@nadir/contract/athlete';
import type { Unit } from '@nadir/core/base';
import { formatDuration, formatTenthsOf, readAmount } from '@nadir/core/base/format';
import { type EntryKind, type MissedReason, readReps, readTimeDone } from '@nadir/core/record';
import { useState } from 'react';
import { ChoiceAnswer } from '../components/ChoiceAnswer.js';
import styles from './AthletePage.module.css';
import type { NotedEntry } from './day-noted.js';
import * as wording from './wording.js';

type Done = Omit<SentEntry, 'place' | 'revision'>;

const KINDS = [
  ['run', wording.iRan],
  ['missed', wording.iDidNotRun],
  ['walk', wording.iWalked],
  ['bike', wording.iCycled],
  ['swim', wording.iSwam],
  ['pool', wording.iRanInThePool],
  ['strength', wording.strength],
  ['other', wording.somethingElse],
] as const satisfies readonly (readonly [EntryKind, string])[];

const REASONS = [
  ['', wording.noReasonGiven],
  ['ill', 'ill'],
  ['sore', 'sore'],
  ['work', 'work'],
  ['travel', 'travel'],
  ['weather', 'weather'],
  ['choice', wording.byChoice],
] as const satisfies readonly (readonly [MissedReason | '', string])[];

/** What was done instead of, or otherwise than, what was planned. */
export function SomethingElse({
  before,
  measure,
  onSend,
}: {
  before: NotedEntry | undefined;
  measure: PageBlock['measure'];
  onSend: (done: Done) => void;
}) {
  const { unit } = measure;
  const [kind, setKind] = useState<EntryKind>(before?.kind ?? 'run');
  const [reason, setReason] = useState<MissedReason | ''>(before?.reason ?? '');
  const [distance, setDistance] = useState(
    before?.distance ? String(Number(formatTenthsOf(before.distance, unit))) : '',
  );
  const [time, setTime] = useState(before?.time ? formatDuration(before.time) : '');
  const [reps, setReps] = useState(
    (before?.reps ?? []).map((each) => formatDuration(each)).join(' '),
  );
  const [problem, setProblem] = useState<string>();

  function send() {
    if (kind === 'missed') {
      onSend({ kind, ...(reason !== '' && { reason }) });
      return;
    }
    const read = readDone({ kind, distance, time, reps }, unit);
    setProblem(typeof read === 'string' ? read : undefined);
    if (typeof read !== 'string') onSend({ kind, ...read });
  }

  return (
    <form
      noValidate
      aria-label={wording.whatWasDone}
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <div className={styles.field}>
        <ChoiceAnswer
          label={wording.whatWasDone}
          value={kind}
          choices={KINDS}
          width="100%"
          onAnswer={setKind}
        />
      </div>
      {kind === 'missed' ? (
        <div className={styles.field}>
          <ChoiceAnswer
            label={wording.why}
            value={reason}
            choices={REASONS}
            width="100%"
            onAnswer={setReason}
          />
        </div>
      ) : (
        <>
          <div className={styles.two}>
            <Figure
              isDecimal
              label={wording.distance(unit)}
              value={distance}
              placeholder="12.3"
              onType={setDistance}
            />
            <Figure label={wording.time} value={time} placeholder="1:02:30" onType={setTime} />
          </div>
          {kind === 'run' && (
            <Figure
              label={wording.repetitionsOptional}
              value={reps}
              placeholder="3:58 3:59 4:01"
              onType={setReps}
            />
          )}
        </>
      )}
      {problem !== undefined && (
        <p className={styles.wrong} role="alert">
          {problem}
        </p>
      )}
      <div className={styles['small-acts']}>
        <Button type="submit" variant="contained">
          {wording.sendIt}
        </Button>
      </div>
    </form>
  );
}

function Figure({
  label,
  value,
  placeholder,
  isDecimal = false,
  onType,
}: {
  label: string;
  value: string;
  placeholder: string;
  /** A keyboard of figures alone has no colon. */
  isDecimal?: boolean;
  onType: (text: string) => void;
}) {
  return (
    <label className={styles.field}>
      {label}
      <OutlinedInput
        value={value}
        placeholder={placeholder}
        autoComplete="off"
        slotProps={{ input: { inputMode: isDecimal ? 'decimal' : 'text', maxLength: 200 } }}
        onChange={({ target }) => onType(target.value)}
      />
    </label>
  );
}

/** What was typed, read; or what is wrong with it, in words. */
function readDone(
  typed: { kind: EntryKind; distance: string; time: string; reps: string },
  unit: Unit,
): Pick<Done, 'distance' | 'time' | 'reps'> | string {
  const done: Pick<Done, 'distance' | 'time' | 'reps'> = {};
  if (typed.distance.trim() !== '') {
    const distance = readAmount(typed.distance, { basis: 'distance', unit, step: 0.1 });
    if (distance === undefined || distance === 0) return wording.isNoDistance(typed.distance);
    done.distance = Math.round(distance);
  }
  if (typed.time.trim() !== '') {
    const read = readTimeDone(typed.time, typed.kind === 'run' ? done.distance : undefined);
    if (!read.ok) return read.problem;
    done.time = read.value;
  }
  if (typed.reps.trim() !== '') {
    const read = readReps(typed.reps);
    if (!read.ok) return read.problem;
    done.reps = read.value;
  }
  if (done.distance === undefined && done.time === undefined) {
    return wording.enterADistanceOrATime;
  }
  return done;
}
