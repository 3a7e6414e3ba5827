import Button from '@mui/material/Button';
import { addDays, type CivilDate } from '@nadir/core/base';
import { formatDuration, formatPaceRange, formatRace } from '@nadir/core/base/format';
import { repace, takeBackRepacing } from '@nadir/core/edit/paces';
import { gapWords, newsOf, pacesOn } from '@nadir/core/paces';
import { useId, useMemo, useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';
import { formatDay } from '../../components/dates.js';
import { signedSeconds } from './pace-text.js';
import type { PacesView } from '../../components/usePaces.js';

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
  const id = useId();
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
    <section aria-label="What the newest result says" className={pending ? 'offer' : 'news'}>
      <p>
        <b>
          {result.name ?? 'The newest result'}, {formatRace(result.distance, unit)} in{' '}
          {formatDuration(result.time)} on {formatDay(result.date)}
        </b>
        {predicts !== undefined &&
          ` predicts ${formatDuration(predicts)} for ${spec.race.name}${since === undefined ? '' : `, ${signedSeconds(since)} against the result before it`}.`}{' '}
        {pending && gap && gapWords(gap, unit)}
      </p>
      {pending && (
        <>
          <p>
            The paces still rest on older results.{' '}
            {changes.length > 0
              ? `From ${formatDay(from)} on these would change; days before keep theirs:`
              : 'None of them would change.'}
          </p>
          <ul className="repacing">
            {changes.map(({ name, was, is }) => (
              <li key={name}>
                {name}: {was} → <b>{is}</b>
              </li>
            ))}
          </ul>
          <label htmlFor={id}>From</label>{' '}
          <input
            id={id}
            type="date"
            className="answer"
            style={{ width: 130 }}
            value={from}
            min={result.date}
            max={spec.race.date}
            aria-invalid={!fits}
            onChange={({ target }) => setChosen(target.value || undefined)}
          />{' '}
          <Button variant="outlined" disabled={!fits} onClick={() => commands.run(command)}>
            Re-pace from there on
          </Button>
          {!fits && <span role="alert"> Choose a day from the result’s on to race day.</span>}
        </>
      )}
      {spec.paces.repaced.length > 0 && (
        <p>
          Re-paced from{' '}
          {spec.paces.repaced.map((day) => (
            <span key={day}>
              {formatDay(day)}{' '}
              <Button
                variant="outlined"
                aria-label={`Take back the re-pacing of ${formatDay(day)}`}
                onClick={() => commands.run(takeBackRepacing({ spec }, day))}
              >
                Take back
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
