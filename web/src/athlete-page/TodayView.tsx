import type { AthletePage, PageBlock, PageDay, PageWeek, SentBody } from '@nadir/contract/athlete';
import { type CivilDate, differenceInDays } from '@nadir/core/base';
import { dayWords, formatHours } from '@nadir/core/base/format';
import styles from './AthletePage.module.css';
import { DayBarWithScale } from './DayBarWithScale.js';
import { DayDone } from './DayDone.js';
import { dayNoted } from './day-noted.js';
import type { Waiting } from './device.js';
import { MoveDay } from './MoveDay.js';
import { WeekBars } from './WeekBars.js';
import * as wording from './wording.js';

/** Days after which what a coach wrote of a week is no news. */
const LATELY = 14;

/** A day: today, unless another one is chosen; then its week, and the next. */
export function TodayView({
  page,
  block,
  waiting,
  today,
  chosen,
  onChoose,
  onNote,
}: {
  page: AthletePage;
  block: PageBlock;
  waiting: readonly Waiting[];
  today: CivilDate;
  chosen: CivilDate;
  onChoose: (date: CivilDate) => void;
  onNote: (body: SentBody) => void;
}) {
  const at = block.weeks.findIndex(({ days }) => days.some(({ date }) => date === chosen));
  const week = block.weeks[at];
  const next = week ? block.weeks[at + 1] : undefined;
  const day = week?.days.find(({ date }) => date === chosen);
  const noted = dayNoted(page, waiting, chosen);
  const said = page.said.findLast(({ date }) => date <= chosen);
  const isRun = chosen > block.race.date;
  // Outside the block its nearest week.
  const nearest = week ? undefined : block.weeks.at(isRun ? -1 : 0);
  const bars = { page, waiting, today, chosen, onChoose, measure: block.measure };
  return (
    <>
      <section
        className={styles.part}
        aria-label={chosen === today ? wording.today : dayWords(chosen)}
      >
        <p className={styles.over}>
          <b>
            {chosen === today && wording.today2}
            {dayWords(chosen)}
          </b>
          {week && (
            <span className="muted">
              {wording.weekOf(week.number, block.weeks.length, week.phase)}
            </span>
          )}
        </p>
        {day ? (
          <WhatToRun day={day} block={block} />
        ) : (
          <h2 className="display">{titleOutside(block, chosen)}</h2>
        )}
        {isRun && <p>{wording.whatComesNext(page.coach.split(' ')[0] ?? '')}</p>}
        {said && week && isOfLately(said.date, week, at) && (
          <>
            <p className={styles.said}>“{said.words}”</p>
            <p className={styles.by}>{page.coach.split(' ')[0]}</p>
          </>
        )}
        {chosen <= today && (
          <DayDone
            key={chosen}
            day={day}
            date={chosen}
            noted={noted}
            measure={block.measure}
            coach={page.coach}
            onNote={onNote}
          />
        )}
        {day && chosen >= today && day.mark !== 'race' && day.mark !== 'rest' && (
          <MoveDay
            key={`move ${chosen}`}
            date={chosen}
            today={today}
            page={page}
            waiting={waiting}
            onNote={onNote}
          />
        )}
      </section>
      {week && <WeekBars title={titleOf(week, today)} week={week} {...bars} />}
      {next && <WeekBars title={titleOf(next, today)} week={next} {...bars} />}
      {nearest && <WeekBars title={wording.week2(nearest.number)} week={nearest} {...bars} />}
      <p className={`${styles.part ?? ''} ${styles.caution ?? ''}`}>{block.caution}</p>
    </>
  );
}

function titleOutside({ weeks: [first], race }: PageBlock, chosen: CivilDate): string {
  if (first && chosen < first.start) return wording.yourBlockBeginsOn(dayWords(first.start));
  return chosen > race.date ? wording.yourRaceHasBeenRun : wording.nothingIsPlannedOnThisDay;
}

function WhatToRun({ day, block }: { day: PageDay; block: PageBlock }) {
  const { unit } = block.measure;
  const plain = day.sessions.length === 1 && day.sessions[0] === `${day.figure} ${block.unit} easy`;
  return (
    <>
      <div className={styles.what}>
        <h2 className="display">{day.title}</h2>
        <span className={styles.figure}>
          {day.mark === 'race' ? (
            block.race.distance
          ) : day.figure === '' ? (
            ''
          ) : (
            <>
              {day.figure} <span>{block.unit}</span>
            </>
          )}
        </span>
      </div>
      {!plain && (
        <div className={styles.sessions}>
          {day.sessions.map((session) => (
            <p key={session}>{session}</p>
          ))}
        </div>
      )}
      {day.mark === 'race' && block.goal !== undefined && (
        <p className={styles.sessions}>{wording.goalOf(block.goal)}</p>
      )}
      <DayBarWithScale runs={day.runs} unit={unit} />
      {day.paces.length > 0 && (
        <table className={styles.rows}>
          <tbody>
            {day.paces.map(({ name, text }, index) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                <td>
                  <b>{text}</b>
                </td>
                <td>
                  {index === 0 && day.minutes > 0 && wording.about(formatHours(60 * day.minutes))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Feel day={day} />
      {day.laps.length > 0 && (
        <table className={styles.rows} aria-label={wording.repetitions}>
          <thead>
            <tr>
              <th />
              <th>{wording.inTotal}</th>
              <th>400 m</th>
              <td>{wording.per(unit)}</td>
            </tr>
          </thead>
          <tbody>
            {day.laps.map(([number = '', words, time, lap, pace]) => (
              <tr key={number}>
                <th scope="row">
                  {number}. {words}
                </th>
                <td>
                  <b>{time}</b>
                </td>
                <td>{lap}</td>
                <td>{pace}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}

/** How the quickest of its paces feels: what is run by feel is run right. */
function Feel({ day: { paces } }: { day: PageDay }) {
  const felt = paces.findLast(({ feel }) => feel !== '');
  if (!felt) return null;
  return (
    <p className={styles.feel}>
      {paces.length > 1 && `${felt.name}: `}
      {felt.feel}
    </p>
  );
}

/** What the coach wrote of this week or the one before. */
function isOfLately(date: CivilDate, { start }: PageWeek, at: number): boolean {
  return date === start || (at > 0 && date < start && differenceInDays(start, date) <= LATELY);
}

function titleOf({ number, start, days }: PageWeek, today: CivilDate): string {
  const last = days.at(-1)?.date ?? start;
  if (start <= today && today <= last) return wording.thisWeek;
  return wording.week2(number);
}
