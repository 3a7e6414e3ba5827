import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Unit } from '@nadir/core/base';
import { formatDuration, formatPace, formatRaceDistance, readTime } from '@nadir/core/base/format';
import { MOST_SPLITS, splits } from '@nadir/core/paces';
import { useState } from 'react';
import { Field } from '../../components/Field.js';
import styles from './Splits.module.css';
import { Typed } from './Typed.js';
import { readMetres, readOffsets } from './read-figures.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import * as wording from './wording.js';

const SHAPES = [
  ['even', 'even'],
  ['negative', wording.secondHalfQuicker],
  ['own', wording.ownShape],
] as const;
type Shape = (typeof SHAPES)[number][0];

const EVERY = [
  [1000, 'km'],
  [1609.344, 'mile'],
  [400, '400 m'],
  [200, '200 m'],
] as const;

/** Splits of a distance in a target time; they add up to it in whole seconds. */
export function SplitsPart({ unit }: { unit: Unit }) {
  const [distance, setDistance] = useState('10000');
  const [time, setTime] = useState('40:00');
  const [every, setEvery] = useState<number>(unit === 'mi' ? 1609.344 : 1000);
  const [shape, setShape] = useState<Shape>('even');
  const [by, setBy] = useState('4');
  const [own, setOwn] = useState('4, 0, 0, -4');
  const metres = readMetres(distance);
  const seconds = readTime(time);
  const offsets = readOffsets(shape === 'own' ? own : shape === 'negative' ? by : '0');
  const asked =
    metres.ok && seconds.ok && offsets.ok
      ? {
          distance: metres.value,
          time: Math.round(seconds.value),
          every,
          shape: shapeOf(shape, offsets.value),
        }
      : undefined;
  const found = asked ? splits(asked) : [];
  return (
    <section aria-label={wording.splits}>
      <h3>{wording.splits}</h3>
      <Field label={wording.distanceM} problem={metres.ok ? undefined : metres.problem}>
        {(ids) => <Typed {...ids} value={distance} onChange={setDistance} wrong={!metres.ok} />}
      </Field>
      <Field label={wording.target} problem={seconds.ok ? undefined : seconds.problem}>
        {(ids) => <Typed {...ids} value={time} onChange={setTime} wrong={!seconds.ok} />}
      </Field>
      <Field label={wording.by}>
        {({ id }) => (
          <ChoiceAnswer
            id={id}
            value={String(every)}
            choices={EVERY.map(([each, words]) => [String(each), words] as const)}
            onAnswer={(each) => setEvery(Number(each))}
          />
        )}
      </Field>
      <Field label={wording.shape}>
        {({ id }) => <ChoiceAnswer id={id} value={shape} choices={SHAPES} onAnswer={setShape} />}
      </Field>
      {shape === 'negative' && (
        <Field label={wording.quickerBySKm} problem={offsets.ok ? undefined : offsets.problem}>
          {(ids) => <Typed {...ids} value={by} onChange={setBy} wrong={!offsets.ok} />}
        </Field>
      )}
      {shape === 'own' && (
        <Field
          label={wording.sKmPartByPart}
          because={wording.equalPartsOfTheWay}
          problem={offsets.ok ? undefined : offsets.problem}
        >
          {(ids) => (
            <Typed {...ids} value={own} onChange={setOwn} wrong={!offsets.ok} width={130} />
          )}
        </Field>
      )}
      {asked && (
        <p>
          {formatPace((asked.time / asked.distance) * 1000, 'km')} ·{' '}
          {formatPace((asked.time / asked.distance) * 1000, 'mi')}
        </p>
      )}
      {asked && found.length === 0 && <p role="alert">{wording.moreThanSplits(MOST_SPLITS)}</p>}
      {found.length > 0 && (
        <div className={styles.list} tabIndex={0} role="region" aria-label={wording.everySplit}>
          <Table size="small" className="figures">
            <TableHead>
              <TableRow>
                <TableCell scope="col">{wording.at}</TableCell>
                <TableCell scope="col">{wording.split}</TableCell>
                <TableCell scope="col">{wording.elapsed}</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {found.map(({ at, seconds: split, elapsed }) => (
                <TableRow key={at}>
                  <TableCell component="th" scope="row">
                    {every === 1609.344
                      ? formatRaceDistance(at, 'mi')
                      : at < 5000
                        ? `${Math.round(at)} m`
                        : wording.km(Number((at / 1000).toFixed(3)))}
                  </TableCell>
                  <TableCell>{formatDuration(split)}</TableCell>
                  <TableCell>{formatDuration(elapsed)}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </div>
      )}
    </section>
  );
}

/** Seconds per km over equal parts: the second half of a negative split is quicker by all of it. */
function shapeOf(shape: Shape, offsets: readonly number[]): readonly number[] {
  const [by = 0] = offsets;
  return shape === 'even' ? [0] : shape === 'negative' ? [by / 2, -by / 2] : offsets;
}
