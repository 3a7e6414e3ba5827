import { dayWords, formatTenths } from '@nadir/core/base/format';
import type { Day } from '@nadir/core/layout';
import { type MorningNote, readReps, type RunEntry, weatherCautions } from '@nadir/core/record';
import { ChoiceAnswer } from '../components/ChoiceAnswer.js';
import { Field } from '../components/Field.js';
import { Tick } from '../components/Tick.js';
import styles from './Done.module.css';
import { KeptNumber, KeptText } from './Kept.js';
import type { DoneActs } from './useDone.js';

/** Everything else that may be kept of one day: more of what was run, and how the morning was. */
export function DayDetails({ day, acts }: { day: Day; acts: DoneActs }) {
  const { date } = day;
  const [entry] = acts.on(date);
  return (
    <section aria-label={`What is known of ${dayWords(date)}`}>
      <h3>As it was on {dayWords(date)}</h3>
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
        label="Repetitions"
        because="As they were called out: 1:54 1:53 …"
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
        label="Effort"
        because="1 to 10."
        value={entry.effort}
        least={1}
        most={10}
        onKeep={(effort) => keep({ effort })}
      />
      <KeptNumber
        label="Mean heart rate"
        value={entry.heart}
        least={25}
        most={250}
        onKeep={(heart) => keep({ heart })}
      />
      <KeptText
        label="How it went"
        value={entry.note ?? ''}
        onKeep={(note) => keep({ note: note || undefined })}
      />
      <KeptText
        label="Weather"
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
          label="Eaten and drunk"
          value={entry.fuel ?? ''}
          onKeep={(fuel) => keep({ fuel: fuel || undefined })}
        />
      )}
    </div>
  );
}

const ILL = [
  ['', 'no'],
  ['above-neck', 'a cold, above the neck'],
  ['below-neck', 'below the neck'],
  ['fever', 'with fever'],
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
        label="Slept"
        because="1 to 5, five the best."
        value={sleep}
        least={1}
        most={5}
        onKeep={(value) => keep({ sleep: value })}
      />
      <KeptNumber
        label="Fresh"
        because="1 to 5, five the best."
        value={fresh}
        least={1}
        most={5}
        onKeep={(value) => keep({ fresh: value })}
      />
      <KeptNumber
        label="Appetite"
        because="1 to 5, five the best."
        value={appetite}
        least={1}
        most={5}
        onKeep={(value) => keep({ appetite: value })}
      />
      <KeptNumber
        label="Pulse at rest"
        value={pulse}
        least={25}
        most={250}
        onKeep={(value) => keep({ pulse: value })}
      />
      <KeptText
        label="Sore"
        because="Where: left calf, right knee."
        value={sore?.where ?? ''}
        onKeep={(where) => keepSore({ where })}
      />
      {sore && (
        <>
          <KeptNumber
            label="How much"
            because="1 to 10."
            value={sore.level}
            least={1}
            most={10}
            onKeep={(level) => keepSore({ level: level ?? 1 })}
          />
          <Tick
            label="It changes the stride"
            checked={sore.stride === true}
            onAnswer={(stride) => keepSore({ stride: stride || undefined })}
          />
        </>
      )}
      <Field label="Ill">
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
