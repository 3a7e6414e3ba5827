import Button from '@mui/material/Button';
import { addDays, type CivilDate } from '@nadir/core/base';
import { formatDuration, formatPaceRange, formatRace } from '@nadir/core/base/format';
import { repace, takeBackRepacing } from '@nadir/core/edit/paces';
import { gapWords, newsOf, pacesOn } from '@nadir/core/paces';
import { useMemo, useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { formatDay } from '../../components/dates.js';
import styles from './Paces.module.css';
import { sinceWords } from './pace-text.js';
import type { PacesView } from '../../components/usePaces.js';
import * as wording from './wording.js';

/**
 * What the newest result says, and the offer to rest the paces on it from a day
 * on, with every pace that would change. Earlier days keep the paces they had.
 */
export function Repacing({
  view: { spec, rules },
  today,
  commands,
}: {
  view: PacesView;
  today: CivilDate;
  commands: Commands;
}) {
  const news = useMemo(() => newsOf(spec, rules, today), [spec, rules, today]);
  const after = news && addDays(news.result.date, 1);
  const usual = after !== undefined && after > today ? after : today;
  const [chosen, setChosen] = useState<CivilDate>();
  const from = chosen ?? usual;
  const fits = from > spec.start && from <= spec.race.date && from >= (news?.result.date ?? '');
  const command = repace({ spec }, from);
  const changes = useMemo(() => {
    if (!news?.pending) return [];
    const next = { ...spec, ...repacedAt(spec, from) };
    const [before, then] = [pacesOn(spec, rules, from), pacesOn(next, rules, from)];
    return before.rows.flatMap(({ pace, used }) => {
      const to = then.rows.find((row) => row.pace.id === pace.id)?.used;
      if (!used || !to) return [];
      const [was, is] = [used, to].map((each) => formatPaceRange(each, spec.athlete.unit));
      return was === is ? [] : [{ name: pace.name, was, is }];
    });
  }, [news, spec, rules, from]);
  if (!news) return null;
  const { result, predicts, since, gap, pending } = news;
  const { unit } = spec.athlete;
  return (
    <section
      aria-label={wording.whatTheNewestResultSays}
      className={pending ? styles.offer : 'small'}
    >
      <p>
        <b>
          {wording.inOn(
            result.name ?? wording.theNewestResult,
            formatRace(result.distance, unit),
            formatDuration(result.time),
            formatDay(result.date),
          )}
        </b>
        {result.date === spec.race.date
          ? `${sinceWords(since)}.`
          : predicts !== undefined &&
            wording.predictsFor(formatDuration(predicts), spec.race.name, sinceWords(since))}{' '}
        {pending && gap && gapWords(gap, unit)}
      </p>
      {pending && (
        <>
          <p>
            {wording.thePacesStillRestOnOlderResults(
              changes.length > 0
                ? wording.fromOnTheseWouldChange(formatDay(from))
                : wording.noneOfThemWouldChange,
            )}
          </p>
          <ul className="plain-list">
            {changes.map(({ name, was, is }) => (
              <li key={name}>
                {name}: {was} → <b>{is}</b>
              </li>
            ))}
          </ul>
          <DateAnswer
            label={wording.rePaceFrom}
            value={from}
            latest={spec.race.date}
            wrong={!fits}
            onAnswer={setChosen}
          />{' '}
          <Button variant="outlined" disabled={!fits} onClick={() => commands.run(command)}>
            {wording.rePaceFromThatDay}
          </Button>
          {!fits && <span role="alert">{wording.chooseADayFromTheResults}</span>}
        </>
      )}
      {spec.paces.repaced.length > 0 && (
        <p>
          {wording.rePacedFrom}
          {spec.paces.repaced.map((day) => (
            <span key={day}>
              {formatDay(day)}{' '}
              <Button
                variant="outlined"
                aria-label={wording.removeTheRePacingOf(formatDay(day))}
                onClick={() => commands.run(takeBackRepacing({ spec }, day))}
              >
                {wording.remove3}
              </Button>{' '}
            </span>
          ))}
        </p>
      )}
    </section>
  );
}

function repacedAt(spec: PacesView['spec'], from: CivilDate) {
  return { paces: { ...spec.paces, repaced: [...spec.paces.repaced, from] } };
}
