import Button from '@mui/material/Button';
import type { Unit } from '@nadir/core/base';
import {
  formatDuration,
  formatLap,
  formatPace,
  formatTenths,
  readPace,
  readTime,
} from '@nadir/core/base/format';
import { reps, type Rest } from '@nadir/core/paces';
import { useState } from 'react';
import { Field } from '../../components/Field.js';
import styles from './Splits.module.css';
import { Typed } from './Typed.js';
import { readCount, readMetres } from './read-figures.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import * as wording from './wording.js';

const RECOVERIES: readonly (readonly [Rest['kind'], string])[] = [
  ['jog-time', wording.jogByTime],
  ['jog-distance', wording.jogByDistance],
  ['standing', 'standing'],
  ['equal-time', wording.jogAsLongAsTheRepetition],
];
/** Seconds per km of a jog between repetitions. */
const JOG = 360;

/** Repetitions: each split, what they come to, recoveries counted. */
export function RepsPart({ unit }: { unit: Unit }) {
  const [count, setCount] = useState('6');
  const [distance, setDistance] = useState('1000');
  const [pace, setPace] = useState(unit === 'mi' ? '6:26' : '4:00');
  const [kind, setKind] = useState<Rest['kind']>('jog-time');
  const [rest, setRest] = useState('1:30');
  const [metresBetween, setMetresBetween] = useState('400');
  const times = readCount(count);
  const metres = readMetres(distance);
  const perUnit = readPace(pace, unit);
  const recovery = recoveryOf();
  const found =
    times.ok && metres.ok && perUnit.ok && typeof recovery === 'object'
      ? reps({
          count: times.value,
          distance: metres.value,
          pace: perUnit.value,
          recovery,
          jogPace: JOG,
        })
      : undefined;
  return (
    <section aria-label={wording.repetitions}>
      <h3>{wording.repetitions}</h3>
      <Field label={wording.howMany} problem={times.ok ? undefined : times.problem}>
        {(ids) => <Typed {...ids} value={count} onChange={setCount} wrong={!times.ok} />}
      </Field>
      <Field label={wording.distanceOfOneM} problem={metres.ok ? undefined : metres.problem}>
        {(ids) => <Typed {...ids} value={distance} onChange={setDistance} wrong={!metres.ok} />}
      </Field>
      <Field label={wording.pacePer(unit)} problem={perUnit.ok ? undefined : perUnit.problem}>
        {(ids) => <Typed {...ids} value={pace} onChange={setPace} wrong={!perUnit.ok} />}
      </Field>
      {perUnit.guess && (
        <p>
          {perUnit.guess.words}{' '}
          <Button
            variant="outlined"
            onClick={() => {
              if (perUnit.guess) {
                setPace(formatPace(perUnit.guess.secondsPerKm, unit).replace(/ .*/, ''));
              }
            }}
          >
            {wording.yes}
          </Button>
        </p>
      )}
      <Field label={wording.recovery}>
        {({ id }) => <ChoiceAnswer id={id} value={kind} choices={RECOVERIES} onAnswer={setKind} />}
      </Field>
      {kind !== 'equal-time' && (
        <Field
          label={kind === 'jog-distance' ? wording.metresBetween : wording.timeBetween}
          problem={typeof recovery === 'string' ? recovery : undefined}
        >
          {(ids) =>
            kind === 'jog-distance' ? (
              <Typed
                {...ids}
                value={metresBetween}
                onChange={setMetresBetween}
                wrong={typeof recovery === 'string'}
              />
            ) : (
              <Typed
                {...ids}
                value={rest}
                onChange={setRest}
                wrong={typeof recovery === 'string'}
              />
            )
          }
        </Field>
      )}
      {found && metres.ok && perUnit.ok && (
        <dl className={styles.reps} aria-live="polite">
          <dt>{wording.each}</dt>
          <dd>{formatLap(perUnit.value, metres.value)}</dd>
          {metres.value > 400 && (
            <>
              <dt>{wording.n400MIn}</dt>
              <dd>{formatLap(perUnit.value, 400)}</dd>
            </>
          )}
          {metres.value > 200 && (
            <>
              <dt>{wording.n200MIn}</dt>
              <dd>{formatLap(perUnit.value, 200)}</dd>
            </>
          )}
          <dt>{wording.hard}</dt>
          <dd>
            {Math.round(found.hardDistance)} m, {sumOf(found.hardTime)}
          </dd>
          <dt>{wording.recoveries}</dt>
          <dd>{wording.oneFewerThanRepetitions(found.recoveries)}</dd>
          <dt>{wording.inAll}</dt>
          <dd>
            {Math.round(found.totalDistance)} m, {sumOf(found.totalTime)}
          </dd>
        </dl>
      )}
    </section>
  );

  function recoveryOf(): Rest | string {
    if (kind === 'equal-time') return { kind };
    if (kind === 'jog-distance') {
      const between = readMetres(metresBetween);
      return between.ok ? { kind, distance: between.value } : between.problem;
    }
    const between = readTime(rest);
    return between.ok ? { kind, seconds: between.value } : between.problem;
  }
}

/** Laps in tenths add up in tenths. */
function sumOf(seconds: number): string {
  return Number.isInteger(seconds) ? formatDuration(seconds) : formatTenths(seconds);
}
