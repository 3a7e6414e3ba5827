import Button from '@mui/material/Button';
import type { CivilDate } from '@nadir/core/base';
import { formatDuration, formatRace } from '@nadir/core/base/format';
import { addResult, removeResult } from '@nadir/core/edit/paces';
import { trendsOf } from '@nadir/core/paces';
import type { ResolvedSpec } from '@nadir/core/spec';
import { resultKindWords } from '@nadir/core/spec/choices';
import { eventCharacters } from '@nadir/core/spec/days';
import { useState } from 'react';
import type { Commands } from '../../editor/useCommands.js';
import { TrendLine } from '../../drawing/TrendLine.js';
import styles from './Paces.module.css';
import { formatDay } from '../../components/dates.js';
import type { ResultDraft } from '../../components/result-draft.js';
import { ResultForm } from '../../components/ResultForm.js';
import * as wording from './wording.js';

/** What the athlete ran, newest first; entered, taken out, and repeated tests as a small drawing. */
export function Results({
  spec,
  today,
  commands,
}: {
  spec: ResolvedSpec;
  today: CivilDate;
  commands: Commands;
}) {
  const [draft, setDraft] = useState<Partial<ResultDraft>>();
  const { results, unit } = spec.athlete;
  const waiting = withoutResult(spec, today);
  const listed = results
    .map((result, index) => ({ result, index }))
    .sort((a, b) => b.result.date.localeCompare(a.result.date));
  return (
    <section aria-label={wording.results}>
      <h2 className="display">{wording.results}</h2>
      {waiting.map((race) => (
        <p key={race.date} className={styles.offer}>
          {wording.onHasNoResultYet(race.name, formatDay(race.date))}
          <Button variant="outlined" onClick={() => setDraft(race)}>
            {wording.enterIt}
          </Button>
        </p>
      ))}
      {results.length === 0 && !draft && <p className="small muted">{wording.noneYet}</p>}
      {draft ? (
        <ResultForm
          key={`${draft.date ?? ''} ${draft.name ?? ''}`}
          start={draft}
          onKeep={(result) => {
            const problems = commands.run(addResult({ spec }, result));
            if (problems.length === 0) setDraft(undefined);
            return problems;
          }}
          onClose={() => setDraft(undefined)}
        />
      ) : (
        <Button variant="outlined" onClick={() => setDraft({})}>
          {wording.enterAResult}
        </Button>
      )}
      <ul className="plain-list">
        {listed.map(({ result, index }) => (
          <li key={`${result.date} ${result.distance} ${result.time}`} className={styles.result}>
            <span>
              <b>
                {formatRace(result.distance, unit)} {formatDuration(result.time)}
              </b>{' '}
              {result.full === false && <em>{wording.notAllOut}</em>}
              <br />
              <span className="muted">
                {[
                  result.name ?? resultKindWords[result.kind ?? 'race'],
                  formatDay(result.date),
                  result.fixed === 'time' ? wording.timeSet : '',
                  result.conditions,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </span>
            <Button
              variant="outlined"
              aria-label={wording.removeOf(
                formatRace(result.distance, unit),
                formatDay(result.date),
              )}
              onClick={() => commands.run(removeResult({ spec }, index))}
            >
              {wording.remove3}
            </Button>
          </li>
        ))}
      </ul>
      {trendsOf(results).map((trend) => (
        <TrendLine key={trend.distance} trend={trend} unit={unit} />
      ))}
    </section>
  );
}

/** Races and tests whose day has come, the goal race with them, and no result is known of: as they are entered. */
function withoutResult({ events, race, athlete: { results } }: ResolvedSpec, today: CivilDate) {
  const run = events
    .filter(({ kind }) => eventCharacters[kind].isRace)
    .map(({ kind, name, from, distance, form }) => ({
      kind: kind === 'test' ? ('test' as const) : ('race' as const),
      name,
      date: from,
      distance: distance === undefined ? '' : String(distance),
      full: form !== 'goal-pace',
    }));
  const { name, date, distance } = race;
  const goal = { kind: 'race' as const, name, date, distance: String(distance), full: true };
  return [...run, goal].filter(
    (each) => each.date <= today && !results.some((result) => result.date === each.date),
  );
}
