import { unitName } from '@nadir/core/base';
import { dayAndMonth, formatDuration, formatTenths, runText } from '@nadir/core/base/format';
import { mainOf } from '@nadir/core/layout/block';
import { sheetDay } from '@nadir/core/present';
import type { ShownBlock } from '@nadir/core/present/figures';
import type { ShownReview } from '@nadir/core/present/review';
import type { DayReviewed, WeekReviewed } from '@nadir/core/review';
import { dayRoleWords } from '@nadir/core/spec/days';
import { useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { shortWeekday } from '../../components/dates.js';
import { DayDetails } from '../../diary/DayDetails.js';
import { DoneText } from '../../diary/DoneText.js';
import type { DoneActs } from '../../diary/useDone.js';
import { weightOf } from '../../drawing/day-weight.js';
import styles from './Diary.module.css';
import { DoneSteps } from './DoneSteps.js';
import { RepsTicks } from './RepsTicks.js';
import * as wording from './wording.js';

/** The week day by day: as planned over as done, then what is known of the chosen day. */
export function WeekDone({
  week,
  shown,
  figures,
  acts,
}: {
  week: WeekReviewed;
  shown: ShownBlock;
  figures: ShownReview;
  acts: DoneActs;
}) {
  const { today } = useSignedIn();
  const { week: laid } = week;
  const { measure } = shown;
  const [chosen, setChosen] = useState<string>();
  const steps = shown.weeks[laid.number - 1]?.days ?? [];
  const selected = laid.days.find(({ date }) => date === chosen && date <= today);
  const { planned = 0, run } = figures.weeks.get(laid.number) ?? {};
  const unit = unitName(measure);
  return (
    <section aria-label={wording.weekDayByDay(laid.number)}>
      <div className={styles.days}>
        <DayLabels
          planned={`${runText(planned)} ${unit}`}
          done={run === undefined ? '' : `${runText(run)} ${unit}`}
        />
        {laid.days.map((day, place) => (
          <article
            key={day.date}
            className={styles.day}
            data-weight={weightOf(day)}
            data-today={day.date === today}
            data-chosen={day.date === chosen}
          >
            <h3>
              <button
                type="button"
                disabled={day.date > today}
                aria-pressed={day.date === chosen}
                onClick={() => setChosen(day.date === chosen ? undefined : day.date)}
              >
                {shortWeekday(day.date)} {dayAndMonth(day.date)}
              </button>{' '}
              <span className="muted">{dayRoleWords[day.role]}</span>
            </h3>
            <DoneSteps
              planned={(steps[place] ?? 0) * measure.step}
              run={figures.days.get(day.date)}
              most={Math.max(1, ...steps) * measure.step}
            />
            <PlannedText
              figure={steps[place] ? runText(steps[place] * measure.step) : ''}
              unit={unit}
              words={sheetDay(day, steps[place], shown).sessions.join(' + ')}
            />
            <div>
              {day.date <= today ? (
                <>
                  <DoneText day={day} measure={measure} acts={acts} />
                  {acts.on(day.date).length === 0 && day.sessions.length > 0 && (
                    <button
                      type="button"
                      className={styles.asPlanned}
                      onClick={() => acts.keepAsPlanned([day], dayAndMonth(day.date))}
                    >
                      {wording.asPlanned}
                    </button>
                  )}
                </>
              ) : (
                <span className="muted">{wording.toCome}</span>
              )}
            </div>
          </article>
        ))}
      </div>
      {selected && <DayDetails key={selected.date} day={selected} acts={acts} />}
      <KeySessions days={week.days} />
    </section>
  );
}

/** What was planned; a session that begins with the day's own figure does not say it twice. */
function PlannedText({ figure, unit, words }: Record<'figure' | 'unit' | 'words', string>) {
  if (figure === '') return <p>{words}</p>;
  const isAll = words.startsWith(`${figure} `);
  return (
    <p>
      <b>{isAll ? figure : `${figure} ${unit}:`}</b>{' '}
      {isAll ? words.slice(figure.length + 1) : words}
    </p>
  );
}

function DayLabels({ planned, done }: { planned: string; done: string }) {
  return (
    <div className={styles.labels}>
      <span>
        {wording.planned3}
        <b>{planned}</b>
      </span>
      <span>
        {wording.doneWithin}
        <b>{done}</b>
      </span>
    </div>
  );
}

/** Repetitions and splits against what they were to be run in. */
function KeySessions({ days }: { days: readonly DayReviewed[] }) {
  const keys = days.flatMap(({ day, reps }) => (reps ? [{ day, reps }] : []));
  if (keys.length === 0) return null;
  return (
    <section aria-label={wording.keySessions} className={styles.keys}>
      {keys.map(({ day, reps: { times, targets, judged } }) => (
        <div key={day.date}>
          <h3>
            {shortWeekday(day.date)} <span className="muted">{mainOf(day)?.shorthand}</span>
          </h3>
          <RepsTicks times={times} targets={targets} />
          <p>
            {wording.mean}
            <b>{formatTenths(judged.mean)}</b>
            {wording.spread}
            <b>{judged.spread.toFixed(1)} s</b>
            {judged.against !== undefined && (
              <>
                , <b>{againstWords(judged.against)}</b>
              </>
            )}
            {Math.abs(judged.fade) >= FADE && (
              <>
                {wording.theLastThirdThanTheFirst(
                  formatDuration(Math.abs(judged.fade)),
                  judged.fade > 0 ? wording.slower : wording.quicker,
                )}
              </>
            )}
          </p>
        </div>
      ))}
    </section>
  );
}

/** Seconds from which a fade is said. */
const FADE = 1;

function againstWords(seconds: number): string {
  const by = Math.abs(seconds);
  if (by < 0.05) return wording.asSet;
  return wording.sThanSet(by.toFixed(1), seconds > 0 ? wording.slower : wording.quicker);
}
