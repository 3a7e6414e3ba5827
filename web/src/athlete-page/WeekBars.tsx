import type { AthletePage, PageBlock, PageDay, PageWeek } from '@nadir/contract/athlete';
import type { CivilDate } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import styles from './AthletePage.module.css';
import { dayNoted, runIn } from './day-noted.js';
import type { Waiting } from './device.js';
import * as wording from './wording.js';

/** Pixels of the longest day. */
const HIGHEST = 78;
const LOWEST = 6;

/** The days of a week to scale; touched, a day is opened. */
export function WeekBars({
  title,
  week,
  measure,
  page,
  waiting,
  today,
  chosen,
  onChoose,
}: {
  title: string;
  week: PageWeek;
  measure: PageBlock['measure'];
  page: AthletePage;
  waiting: readonly Waiting[];
  today: CivilDate;
  chosen: CivilDate;
  onChoose: (date: CivilDate) => void;
}) {
  const days = week.days.map((day) => ({ day, noted: dayNoted(page, waiting, day.date) }));
  const most = Math.max(1, ...week.days.map(({ steps }) => steps));
  const run = runIn(
    days.map(({ noted }) => noted),
    measure,
  );
  const unit = page.block?.unit ?? '';
  const keys = week.days.filter(
    ({ mark, date }) => mark !== 'plain' && mark !== 'rest' && date !== today,
  );
  return (
    <section className={`${styles.part ?? ''} ${styles.shaded ?? ''}`} aria-label={title}>
      <div className={styles.what}>
        <h2 className="display">{title}</h2>
        <span className="muted">
          {run > 0 ? wording.ofRun(run, week.figure, unit) : `${week.figure} ${unit}`}
          {week.toGo === 0 && page.block && wording.andTheRace(page.block.race.distance)}
        </span>
      </div>
      <div className={styles.bars}>
        {days.map(({ day, noted: { entries } }) => {
          const isMissed = entries.some(({ kind }) => kind === 'missed');
          const isDone = entries.length > 0 && !isMissed;
          const said = day.mark === 'race' ? day.title : day.figure && `${day.figure} ${unit}`;
          const state = isDone ? wording.notedWithin : isMissed ? wording.missed : '';
          return (
            <button
              key={day.date}
              type="button"
              className={styles.bar}
              data-chosen={day.date === chosen}
              data-today={day.date === today}
              aria-current={day.date === today ? 'date' : undefined}
              aria-pressed={day.date === chosen}
              aria-label={`${dayWords(day.date)}: ${day.title}${said ? `, ${said}` : ''}${state}`}
              onClick={() => onChoose(day.date)}
            >
              <span className={styles.amount}>{amountOf(day)}</span>
              <span
                className={styles.steps}
                data-key={day.mark !== 'plain' && day.mark !== 'rest'}
                data-done={isDone}
                data-missed={isMissed}
                style={{
                  height:
                    day.mark === 'race'
                      ? HIGHEST
                      : day.steps === 0
                        ? 1
                        : LOWEST + ((HIGHEST - LOWEST) * day.steps) / most,
                }}
              />
              <span className={styles.name}>{dayWords(day.date).slice(0, 6)}</span>
            </button>
          );
        })}
      </div>
      {keys.length > 0 && (
        <table className={`${styles.rows ?? ''} ${styles.keys ?? ''}`}>
          <tbody>
            {keys.map(({ date, title: called, words, targets }) => (
              <tr key={date}>
                <th scope="row">
                  <b>{dayWords(date).slice(0, 3)}</b>
                </th>
                <td>{words || called}</td>
                <td>{targets[0]?.replace(/^.* (?:in|at) /, '')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** What stands over a bar: a day without running may have something else to do. */
function amountOf({ mark, figure, planned }: PageDay): string {
  if (mark === 'race') return 'race';
  return figure || (planned.length > 0 ? wording.cross : wording.rest);
}
