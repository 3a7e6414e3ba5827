import type { CheckedBlock } from '@nadir/core';
import { unitName } from '@nadir/core/base';
import { dayWords, runText } from '@nadir/core/base/format';
import { sheetDay } from '@nadir/core/present';
import { legsWords, patternTitles, patternWords } from '@nadir/core/present/review';
import { patternsOf, type Pattern, type WeekReviewed } from '@nadir/core/review';
import { dayRoleWords } from '@nadir/core/spec/days';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { LevelMark } from '../../components/LevelMark.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import type { ReviewAndShown } from '../../components/useReview.js';
import type { Commands } from '../../editor/useCommands.js';
import { AfterRace } from './AfterRace.js';
import styles from './Diary.module.css';
import type { DoneActs } from '../../diary/useDone.js';
import { DaysThatWillNotDo } from './DaysThatWillNotDo.js';
import { FromAthlete } from './FromAthlete.js';
import { ToAthlete } from './ToAthlete.js';
import { WeekGoal } from './WeekGoal.js';
import { WhatToDo } from './WhatToDo.js';
import * as wording from './wording.js';

/** What is said of the week, what may be done about it, and the week that comes next. */
export function DiaryAside({
  reviewed,
  base,
  week,
  acts,
  commands,
}: {
  reviewed: ReviewAndShown;
  base: LaidAndShown;
  week: WeekReviewed | undefined;
  acts: DoneActs;
  commands: Commands;
}) {
  const { review } = reviewed;
  const { id = '' } = useParams();
  const patterns = useMemo(() => patternsOf(review), [review]);
  const legs = useMemo(() => legsWords(review), [review]);
  const isRun = review.today > base.block.spec.race.date;
  const next = base.block.weeks[week?.week.number ?? 0];
  return (
    <aside className={styles.aside} aria-label={wording.review}>
      {week && <WeekGoal key={week.week.start} start={week.week.start} />}
      <FromAthlete review={review} base={base} acts={acts} commands={commands} />
      <Patterns patterns={patterns} legs={legs} />
      {isRun && <AfterRace spec={base.block.spec} />}
      <WhatToDo review={review} base={base} commands={commands}>
        {!isRun && (
          <>
            <DaysThatWillNotDo review={review} commands={commands} />
            <p className="small muted">
              {wording.aRaceToAdd}
              <Link to={`/blocks/${id}`}>{wording.placeThemOnTheBlock}</Link>
              {wording.whatChangesIsShownBefore}
            </p>
          </>
        )}
      </WhatToDo>
      {week && (
        <ToAthlete key={`to ${week.week.start}`} reviewed={reviewed} week={week} base={base} />
      )}
      {next && <NextWeek base={base} next={next} />}
    </aside>
  );
}

function Patterns({ patterns, legs }: { patterns: readonly Pattern[]; legs: string }) {
  return (
    <section aria-label={wording.whatHolds}>
      <h2 className="display">{wording.whatHolds}</h2>
      {patterns.length === 0 && <p className="muted">{wording.nothingStandsOut}</p>}
      <ul className="plain-list">
        {patterns.map((pattern) => (
          <li key={pattern.code} className={styles.pattern}>
            <LevelMark level={pattern.level} />
            <span>
              <b>{patternTitles[pattern.code]}</b> <span className="muted">({pattern.level})</span>
              <br />
              {patternWords(pattern)}
            </span>
          </li>
        ))}
      </ul>
      {legs && <p className="muted">{legs}</p>}
    </section>
  );
}

/** The week after the one that is looked at, day by day. */
function NextWeek({ base, next }: { base: LaidAndShown; next: CheckedBlock['weeks'][number] }) {
  const { today } = useSignedIn();
  const { id = '' } = useParams();
  const { measure, weeks } = base.shown;
  const figures = weeks[next.number - 1];
  const unit = unitName(measure);
  return (
    <section aria-label={wording.nextWeek}>
      <h2 className="display">
        {wording.week(next.number)}
        <span className="muted">{today >= next.start ? wording.thisWeek : ''}</span>
      </h2>
      <table className={styles.next}>
        <tbody>
          {next.days.map((day, place) => (
            <tr key={day.date} data-today={day.date === today}>
              <th scope="row">{dayWords(day.date)}</th>
              <td>
                {sheetDay(day, undefined, base.shown).sessions.join(' + ') ||
                  dayRoleWords[day.role]}
              </td>
              <td>{figures?.days[place] ? runText(figures.days[place] * measure.step) : ''}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">{wording.week2}</th>
            <td />
            <td>
              {runText((figures?.volume ?? 0) * measure.step)} {unit}
            </td>
          </tr>
        </tfoot>
      </table>
      <Link to={`/blocks/${id}/week/${next.number}`}>{wording.openWeek(next.number)}</Link>
    </section>
  );
}
