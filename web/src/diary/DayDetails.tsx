import { dayWords, formatTenths } from '@nadir/core/base/format';
import type { Day } from '@nadir/core/layout/block';
import { type MorningNote, readReps, type RunEntry, weatherCautions } from '@nadir/core/record';
import { ChoiceAnswer } from '../components/ChoiceAnswer.js';
import { Field } from '../components/Field.js';
import { Tick } from '../components/Tick.js';
import styles from './Done.module.css';
import { KeptNumber, KeptText } from './Kept.js';
import type { DoneActs } from './useDone.js';
import * as wording from './wording.js';

/** Everything else that may be kept of one day: more of what was run, and how the morning was. */
export function DayDetails({ day, acts }: { day: Day; acts: DoneActs }) {
  const { date } = day;
  const [entry] = acts.on(date);
  return (
    <section aria-label={wording.whatIsKnownOf(dayWords(date))}>
      <h3>{wording.asItWasOn(dayWords(date))}</h3>
      {entry && entry.kind !== 'missed' && <RunDetails day={day} entry={entry} acts={acts} />}
      <Morning date={date} acts={acts} />
    </section>
  );
}

function RunDetails({ day, entry, acts }: { day: Day; entry: RunEntry; acts: DoneActs }) {
  const keep = (part: Partial<RunEntry>) => acts.change(day, entry.place, part);
  return (
    <div className={styles.fields}>
      <KeptText
        label={wording.repetitions}
        because={wording.asTheyWereCalledOut}
        value={(entry.reps ?? []).map(repText).join(' ')}
        problemOf={(text) => {
          const read = readReps(text);
          return read.ok ? undefined : read.problem;
        }}
        onKeep={(text) => {
          const read = readReps(text);
          if (read.ok) keep({ reps: read.value.length > 0 ? read.value : undefined });
        }}
      />
      <KeptNumber
        label={wording.effort}
        because={wording.n1To10}
        value={entry.effort}
        least={1}
        most={10}
        onKeep={(effort) => keep({ effort })}
      />
      <KeptNumber
        label={wording.meanHeartRate}
        value={entry.heart}
        least={25}
        most={250}
        onKeep={(heart) => keep({ heart })}
      />
      <KeptText
        label={wording.howItWent}
        value={entry.note ?? ''}
        onKeep={(note) => keep({ note: note || undefined })}
      />
      <KeptText
        label={wording.weather}
        value={entry.weather ?? ''}
        onKeep={(weather) => keep({ weather: weather || undefined })}
      />
      {weatherCautions(entry.weather).map((caution) => (
        <p key={caution} className={styles.caution}>
          {caution}
        </p>
      ))}
      {day.role === 'long' && (
        <KeptText
          label={wording.foodAndDrink}
          value={entry.fuel ?? ''}
          onKeep={(fuel) => keep({ fuel: fuel || undefined })}
        />
      )}
    </div>
  );
}

const ILL = [
  ['', 'no'],
  ['above-neck', wording.aColdAboveTheNeck],
  ['below-neck', wording.belowTheNeck],
  ['fever', wording.withFever],
] as const;

/** Sleep, freshness, soreness, illness: shown here and in the review alone. */
function Morning({ date, acts }: { date: string; acts: DoneActs }) {
  const { sleep, fresh, appetite, pulse, sore, ill } = acts.morningOf(date) ?? {};
  const keep = (part: Partial<MorningNote>) => acts.changeMorning(date, part);
  const keepSore = (part: Partial<NonNullable<MorningNote['sore']>>) => {
    const next = { where: '', level: 3, ...sore, ...part };
    keep({ sore: next.where === '' ? undefined : next });
  };
  return (
    <div className={styles.fields}>
      <KeptNumber
        label={wording.slept}
        because={wording.n1To5FiveThe}
        value={sleep}
        least={1}
        most={5}
        onKeep={(value) => keep({ sleep: value })}
      />
      <KeptNumber
        label={wording.fresh}
        because={wording.n1To5FiveThe}
        value={fresh}
        least={1}
        most={5}
        onKeep={(value) => keep({ fresh: value })}
      />
      <KeptNumber
        label={wording.appetite}
        because={wording.n1To5FiveThe}
        value={appetite}
        least={1}
        most={5}
        onKeep={(value) => keep({ appetite: value })}
      />
      <KeptNumber
        label={wording.pulseAtRest}
        value={pulse}
        least={25}
        most={250}
        onKeep={(value) => keep({ pulse: value })}
      />
      <KeptText
        label={wording.sore}
        because={wording.whereLeftCalfRightKnee}
        value={sore?.where ?? ''}
        onKeep={(where) => keepSore({ where })}
      />
      {sore && (
        <>
          <KeptNumber
            label={wording.howMuch}
            because={wording.n1To10}
            value={sore.level}
            least={1}
            most={10}
            onKeep={(level) => keepSore({ level: level ?? 1 })}
          />
          <Tick
            label={wording.itChangesTheStride}
            checked={sore.stride === true}
            onAnswer={(stride) => keepSore({ stride: stride || undefined })}
          />
        </>
      )}
      <Field label={wording.ill}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={ill ?? ''}
            choices={ILL}
            onAnswer={(value) => keep({ ill: value === '' ? undefined : value })}
          />
        )}
      </Field>
    </div>
  );
}

/** `1:54` or, with tenths, `31.4`. */
function repText(seconds: number): string {
  const text = formatTenths(seconds);
  return text.endsWith('.0') ? text.slice(0, -2) : text;
}
