import Button from '@mui/material/Button';
import type { AthleteBody } from '@nadir/contract';
import { formatDuration, formatRace } from '@nadir/core/base/format';
import { resultKindWords } from '@nadir/core/spec/choices';
import { useState } from 'react';
import styles from './Athlete.module.css';
import { ResultForm } from '../../components/ResultForm.js';
import { formatDay } from '../../components/dates.js';
import * as wording from './wording.js';

/** The athlete's results, newest first: entered here for every block. */
export function RecordResults({
  facts: { results = [], unit = 'km' },
  onChange,
}: {
  facts: AthleteBody;
  onChange: (part: Partial<AthleteBody>) => void;
}) {
  const [entering, setEntering] = useState(false);
  const newestFirst = [...results].sort((a, b) => b.date.localeCompare(a.date));
  return (
    <fieldset className={styles.part}>
      <legend>{wording.results}</legend>
      {entering ? (
        <ResultForm
          start={{}}
          onKeep={(result) => {
            const all = [...results, result];
            onChange({ results: all.sort((a, b) => a.date.localeCompare(b.date)) });
            setEntering(false);
            return [];
          }}
          onClose={() => setEntering(false)}
        />
      ) : (
        <Button variant="outlined" onClick={() => setEntering(true)}>
          {wording.enterAResult}
        </Button>
      )}
      <ul className="plain-list">
        {newestFirst.map((result) => {
          const what = `${formatRace(result.distance, unit)} ${formatDuration(result.time)}`;
          return (
            <li key={`${result.date} ${result.distance} ${result.time}`} className={styles.result}>
              <span>
                <b>{what}</b>
                <br />
                {result.name ?? resultKindWords[result.kind ?? 'race']} · {formatDay(result.date)}
              </span>
              <Button
                variant="outlined"
                aria-label={wording.removeOf(what, formatDay(result.date))}
                onClick={() => onChange({ results: results.filter((each) => each !== result) })}
              >
                {wording.remove}
              </Button>
            </li>
          );
        })}
      </ul>
    </fieldset>
  );
}
