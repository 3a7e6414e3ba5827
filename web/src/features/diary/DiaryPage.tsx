import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import { addDays } from '@nadir/core/base';
import { reviewRows } from '@nadir/core/present/review';
import { useEffect, useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { useElementSize } from '../../components/useElementSize.js';
import { useLaidBlock, useShownChange } from '../../components/useLaidBlock.js';
import { runOfWeeks, useReview } from '../../components/useReview.js';
import { LABEL_WIDTH } from '../../drawing/columns.js';
import { weekOf } from '../../drawing/days.js';
import { Section } from '../../drawing/Section.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { useAnswers } from '../../editor/useAnswers.js';
import { useCommands } from '../../editor/useCommands.js';
import { useDone } from '../../diary/useDone.js';
import styles from './Diary.module.css';
import { DiaryAside } from './DiaryAside.js';
import { DiaryRows } from './DiaryRows.js';
import { Lanes } from './Lanes.js';
import { ReviewHead } from './ReviewHead.js';
import { useWeekInSight } from '../../drawing/useWeekInSight.js';
import { WeekDone } from './WeekDone.js';
import * as wording from './wording.js';

/** What was run of a block, week by week, beside what was planned; and what to do about it. */
export function DiaryPage() {
  const { id = '' } = useParams();
  return (
    <InEditor id={id}>
      {(file, preview) => <OpenDiary id={id} file={file} preview={preview} />}
    </InEditor>
  );
}

/** Height of the drawing: the lanes under it and the days of the week have the rest. */
const DRAWING = 268;
/** Wide enough for what was run to a tenth; a long block scrolls sideways on a phone. */
const NARROWEST_COLUMN = 38;

function OpenDiary({
  id,
  file,
  preview,
}: {
  id: string;
  file: BlockFile;
  preview: BlockFile | null;
}) {
  const { today } = useSignedIn();
  const { number } = useParams();
  const navigate = useNavigate();
  const base = useLaidBlock(file);
  const { block, shown } = useShownChange(preview, base);
  const { athlete } = base.block.spec;
  const reviewed = useReview(base);
  const { review, figures } = reviewed;
  const rows = useMemo(() => reviewRows(review, figures, base.shown), [review, figures, base]);
  const ran = useMemo(() => runOfWeeks(figures), [figures]);
  const commands = useCommands();
  const acts = useDone(base.shown.measure);
  useAnswers(base);
  const [ref, size] = useElementSize<HTMLDivElement>();
  const weeks = block.weeks.length;
  const columns = useMemo(
    () => ({
      width: Math.max(size.width, LABEL_WIDTH + weeks * NARROWEST_COLUMN),
      labels: LABEL_WIDTH,
      weeks,
    }),
    [size.width, weeks],
  );
  const scrolls = columns.width > size.width;
  const latest = review.weeks.length;
  const chosen = Math.min(
    Math.max(1, Number(number) || usualWeek(base.block.weeks, today)),
    latest,
  );
  const week = review.weeks[chosen - 1];
  useWeekInSight(ref, columns, chosen);
  useEffect(() => {
    document.title = wording.diaryOfNadir(athlete.name || wording.aBlock);
  }, [athlete.name]);
  const go = (to: number) => {
    if (to >= 1 && to <= latest) void navigate(`/blocks/${id}/diary/${to}`);
  };
  useHotkeys('pagedown', () => go(chosen + 1), { preventDefault: true });
  useHotkeys('pageup', () => go(chosen - 1), { preventDefault: true });

  return (
    <>
      <OpenBlockTitle spec={base.block.spec} view={wording.diary}>
        <Button variant="outlined" component={Link} to={`/blocks/${id}/bring-in`}>
          {wording.bringInRuns}
        </Button>
        <Button variant="outlined" onClick={() => window.print()}>
          {wording.print}
        </Button>
      </OpenBlockTitle>
      <div className={styles.editor}>
        <main className={styles.main}>
          {week && number !== undefined && String(chosen) !== number && (
            <p role="status">{wording.noWeekIs(number, chosen)}</p>
          )}
          {week ? (
            <ReviewHead
              week={week}
              shown={base.shown}
              figures={figures}
              phases={base.block.phases}
              acts={acts}
              latest={latest}
              onGo={go}
            />
          ) : (
            <p>{wording.theBlockHasNotBegun}</p>
          )}
          <div
            ref={ref}
            className={styles.drawn}
            role="group"
            aria-label={wording.weekByWeek}
            // Where it scrolls, keys scroll it.
            tabIndex={scrolls ? 0 : undefined}
          >
            {size.width > 0 && (
              <>
                <Section
                  block={block}
                  shown={shown}
                  columns={columns}
                  height={DRAWING}
                  today={today}
                  selected={week && [chosen]}
                  ran={ran}
                  onSelect={go}
                />
                <DiaryRows
                  block={base.block}
                  shown={base.shown}
                  rows={rows}
                  columns={columns}
                  chosen={chosen}
                />
                <Lanes review={review} columns={columns} chosen={chosen} scrolls={scrolls} />
              </>
            )}
          </div>
          {week && <WeekDone week={week} shown={base.shown} figures={figures} acts={acts} />}
        </main>
        <DiaryAside reviewed={reviewed} base={base} week={week} acts={acts} commands={commands} />
      </div>
      <ConflictDialog />
    </>
  );
}

/** The week that a coach looks at: the one that ended yesterday or before, until the present one is half over. */
function usualWeek(weeks: Parameters<typeof weekOf>[0], today: string): number {
  const present = weekOf(weeks, today);
  if (present === undefined) return weeks.length;
  return weekOf(weeks, addDays(today, -DAYS_LOOKED_BACK)) ?? present;
}

const DAYS_LOOKED_BACK = 3;
