import { dayWords, formatRace, plural } from '@nadir/core/base/format';
import { afterRace, rulesOf } from '@nadir/core/rules';
import type { ResolvedSpec } from '@nadir/core/spec';
import { Link, useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { formatDay, timeToGo } from '../../components/dates.js';
import * as wording from './wording.js';

/** Once the goal race has been run: rest, its result, the next block, and what to keep of this one. */
export function AfterRace({ spec: { race, athlete, ...rest } }: { spec: ResolvedSpec }) {
  const { today } = useSignedIn();
  const { id = '' } = useParams();
  const rules = rulesOf(rest);
  const { quietDays, quietUntil, weeksToNext, nextFrom } = afterRace(rules, race);
  const called = formatRace(race.distance, athlete.unit);
  const isQuiet = today <= quietUntil;
  return (
    <section aria-label={wording.afterTheRace}>
      <h2 className="display">{wording.afterTheRace}</h2>
      <p>
        {wording.raceWasRun(race.name, timeToGo(today, race.date))}{' '}
        {isQuiet && wording.quietAfter(dayWords(quietUntil), plural(quietDays, 'day'), called)}
      </p>
      {isQuiet && <p className="small muted">{wording.careAfterTheRace}</p>}
      {!athlete.results.some(({ date }) => date === race.date) && (
        <p>
          {wording.itsResultIsNotEntered}
          <Link to={`/blocks/${id}/paces`}>{wording.enterTheResult}</Link>
        </p>
      )}
      <p>
        {wording.nextGoalRaceFrom(formatDay(nextFrom), plural(weeksToNext, 'week'), called)}
        <Link to={`/blocks/new?after=${id}`}>{wording.layOutTheNextBlock}</Link>
      </p>
      <p>
        {wording.whatWorked}
        <Link to={`/compare?first=${id}`}>{wording.compareIt}</Link>
      </p>
    </section>
  );
}
