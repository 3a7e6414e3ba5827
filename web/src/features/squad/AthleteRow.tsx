import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { unitName } from '@nadir/core/base';
import { levels } from '@nadir/core/checks';
import { dayWords, formatSteps } from '@nadir/core/base/format';
import { memo } from 'react';
import { Link } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { LevelMark } from '../../components/LevelMark.js';
import { CalendarSection } from '../../drawing/CalendarSection.js';
import type { Calendar } from '../../drawing/calendar.js';
import { DayMarks } from '../../drawing/DayMarks.js';
import { DaySteps } from '../../drawing/DaySteps.js';
import { weekOf } from '../../drawing/days.js';
import styles from './Squad.module.css';
import type { SquadAthlete } from './squad-order.js';
import * as wording from './wording.js';

/** One athlete's row, all of it a link; without a block it offers to lay one out. */
export const AthleteRow = memo(function AthleteRow({
  athlete,
  calendar,
}: {
  athlete: SquadAthlete;
  /** The axis that every block of the squad stands on. */
  calendar: Calendar | undefined;
}) {
  const { id, name, block, asks } = athlete;
  if (!block || !calendar) {
    return (
      <TableRow className={styles.row}>
        <TableCell component="th" scope="row">
          <div className={styles.mark}>
            <span aria-hidden="true">–</span>
            <Link className={styles.name} to={`/athletes/${id}`}>
              {name}
            </Link>
          </div>
        </TableCell>
        <TableCell colSpan={5}>
          {wording.noBlockYet}
          <Link className={styles.record} to={`/blocks/new?athlete=${id}`}>
            {wording.layOneOut}
          </Link>
        </TableCell>
      </TableRow>
    );
  }
  return <RowWithBlock id={id} name={name} asks={asks} block={block} calendar={calendar} />;
});

function RowWithBlock({
  id: athleteId,
  name,
  asks,
  block: { id, glance, need, lastWeek, lately, said },
  calendar,
}: {
  id: string;
  name: string;
  asks: number;
  block: NonNullable<SquadAthlete['block']>;
  calendar: Calendar;
}) {
  const { today } = useSignedIn();
  const { weeks, phases, worst, measure, start, days, next } = glance;
  const level = levels.find((each) => each === need?.level || each === worst?.level);
  const number = weekOf(weeks, today);
  const isRun = glance.race.date < today;
  const week = number === undefined ? undefined : weeks[number - 1];
  const phase = phases.find(
    ({ firstWeek, weeks: length }) => number !== undefined && number < firstWeek + length,
  );
  const where =
    number === undefined
      ? today < start
        ? wording.notBegun
        : wording.over
      : wording.weekOf(
          number,
          weeks.length,
          phase?.name ?? '',
          week?.recovery ? wording.recovery : '',
        );
  return (
    <TableRow className={styles.row}>
      <TableCell component="th" scope="row">
        <div className={styles.mark}>
          {level ? <LevelMark level={level} size={18} /> : <span aria-hidden="true">–</span>}
          <div>
            <Link className={styles.name} to={`/blocks/${id}`}>
              {name}
            </Link>
            <div className="muted">{where}</div>
            <Link
              className={styles.record}
              to={`/athletes/${athleteId}`}
              aria-label={wording.recordOf(name)}
            >
              {wording.record}
            </Link>
          </div>
        </div>
      </TableCell>
      <TableCell className={styles.why}>
        {(asks > 0 || said > 0) && (
          <p>
            <Link className={styles.needed} to={`/blocks/${id}/diary`}>
              {asks > 0 ? wording.asksToMoveADay : wording.waitingForYourReply}
            </Link>
          </p>
        )}
        {need && (
          <>
            <Link className={styles.needed} to={`/blocks/${id}/diary`}>
              {need.title}
            </Link>{' '}
            <span className="muted">({need.level})</span>
            <p className="muted">{need.message}</p>
          </>
        )}
        {worst ? (
          <>
            <b>{worst.title}</b> <span className="muted">({worst.level})</span>
            {!need && <p className="muted">{worst.message}</p>}{' '}
            {worst.others > 0 && <span className="muted">{wording.andMore(worst.others)}</span>}
          </>
        ) : (
          !need &&
          (isRun ? (
            <>
              <span className="muted">{wording.theRaceHasBeenRun}</span>{' '}
              <Link className={styles.record} to={`/blocks/${id}/diary`}>
                {wording.whatFollows}
              </Link>
            </>
          ) : (
            <span className="muted">{wording.noProblemsFound}</span>
          ))
        )}
      </TableCell>
      <TableCell className={styles.calendar}>
        <CalendarSection
          glance={glance}
          calendar={calendar}
          today={today}
          label={wording.blockOf(name)}
        />
      </TableCell>
      <TableCell>
        {week ? (
          <>
            <span className={styles.figure}>{formatSteps(week.volume, measure)}</span>{' '}
            {unitName(measure)}
            <DaySteps days={days} today={today} />
            {lastWeek && (
              <Link className={styles.record} to={`/blocks/${id}/diary`}>
                {wording.lastWeekOf(lastWeek.run, lastWeek.planned)}
              </Link>
            )}
          </>
        ) : (
          '–'
        )}
      </TableCell>
      <TableCell>
        {lately && (
          <>
            {wording.recordedAgo(lately.ago)}
            <DayMarks days={lately.days} label={wording.daysSaid(lately.days)} />
          </>
        )}
      </TableCell>
      <TableCell>
        {next && (
          <>
            <b className={next.date === today ? 'grave' : undefined}>
              {next.date === today ? wording.today : dayWords(next.date)}
            </b>
            <div className="muted">{next.words}</div>
          </>
        )}
      </TableCell>
    </TableRow>
  );
}
