import Button from '@mui/material/Button';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import type { BlockFile } from '@nadir/contract';
import { addDays, type CivilDate, isCivilDate } from '@nadir/core/base';
import { rulesOf } from '@nadir/core/rules';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { ThisWeek } from '../../editor/ThisWeek.js';
import { Checks } from '../../editor/checks/Checks.js';
import { findingWords } from '../../editor/checks/finding-words.js';
import { useAnswers } from '../../editor/useAnswers.js';
import { useCommands } from '../../editor/useCommands.js';
import { IconAct } from '../../components/IconAct.js';
import { BackIcon, NextIcon } from '../../theme/icons.js';
import { useDaysOver } from '../../components/history.js';
import { useLaidBlock, usePast, useShownChange } from '../../components/useLaidBlock.js';
import { DayDetails } from '../../diary/DayDetails.js';
import { useDone } from '../../diary/useDone.js';
import { cycleOn, cyclesOf } from './cycle-days.js';
import { DayOver } from './DayOver.js';
import { DayPanel } from './DayPanel.js';
import { DaysSideBySide } from './DaysSideBySide.js';
import { PastNotice } from './PastNotice.js';
import { PhaseSessions } from './PhaseSessions.js';
import styles from './Week.module.css';
import { WeekStrip } from './WeekStrip.js';
import { WeekSum } from './WeekSum.js';
import { DayByDay, WeekTemplates } from './WeekTemplates.js';
import { useDayCommands } from './useDayCommands.js';
import * as wording from './wording.js';

/** The days of a week side by side: moved, lengthened, written, swapped. */
export function WeekPage() {
  const { id = '' } = useParams();
  return (
    <InEditor id={id}>
      {(file, preview) => <OpenWeek id={id} file={file} preview={preview} />}
    </InEditor>
  );
}

function OpenWeek({
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
  const past = usePast();
  const drawn = useShownChange(preview, base);
  const { block, shown } = drawn;
  const { athlete } = block.spec;
  const cycles = useMemo(() => cyclesOf(block), [block]);
  // By its number, or by any day in it.
  const asked = cycles.find(
    (each) => String(each.number) === number || each.days.some(({ day }) => day.date === number),
  );
  const nearest = number !== undefined && isCivilDate(number) ? number : today;
  const cycle = asked ?? cycleOn(cycles, nearest);
  const commands = useCommands();
  const { run } = useDayCommands(commands);
  const acts = useDone(base.shown.measure);
  const [tab, setTab] = useState<SheetTab>('day');
  useAnswers(base);
  const [chosen, setChosen] = useState<CivilDate>();
  const [lit, setLit] = useState<readonly string[]>([]);
  const over = useDaysOver();
  const rules = useMemo(() => rulesOf(block.spec), [block.spec]);
  const weekNumbers = useMemo(
    () => [...new Set(cycle?.days.map(({ week }) => week.number) ?? [])],
    [cycle],
  );
  // The checks of this page are those of its weeks.
  const here = useMemo(
    () => ({
      ...base.block,
      findings: base.block.findings.filter(({ weeks }) =>
        weeks.some((week) => weekNumbers.includes(week)),
      ),
    }),
    [base.block, weekNumbers],
  );
  useEffect(() => {
    document.title = wording.weekOfNadir(cycle?.number ?? '', athlete.name || wording.aBlock);
  }, [athlete.name, cycle?.number]);

  const go = (by: number) => {
    const next = cycles.find((each) => each.number === (cycle?.number ?? 1) + by);
    if (next) void navigate(`/blocks/${id}/week/${next.number}`);
  };
  useHotkeys('pagedown', () => go(1), { preventDefault: true });
  useHotkeys('pageup', () => go(-1), { preventDefault: true });

  if (!cycle) return null;
  const week = cycle.days[0]?.week;
  const date = cycle.days.some(({ day }) => day.date === chosen)
    ? chosen
    : (cycle.days.find(({ day }) => day.date === today) ?? cycle.days[0])?.day.date;
  const selected = cycle.days.find(({ day }) => day.date === date);
  const isOver = selected !== undefined && over.has(selected.day.date);
  const phase = block.phases.findLast(({ firstWeek }) => firstWeek <= (week?.number ?? 0))?.name;
  return (
    <>
      <OpenBlockTitle spec={block.spec} view={wording.week(cycle.number)}>
        <Button variant="outlined" onClick={() => window.print()}>
          {wording.print}
        </Button>
      </OpenBlockTitle>
      <div className={styles.editor}>
        <main className={styles.main}>
          {number !== undefined && !asked && (
            <p role="status">{wording.noWeekIs(number, cycle.number)}</p>
          )}
          <WeekStrip id={id} cycles={cycles} chosen={cycle} shown={shown} today={today} onGo={go} />
          <WeekSum cycle={cycle} shown={shown} phase={phase}>
            {cycle.days.some(({ day }) => day.date <= today) && (
              <Button
                variant="outlined"
                onClick={() =>
                  acts.keepAsPlanned(
                    cycle.days.map(({ day }) => day),
                    wording.weekWithin(cycle.number),
                  )
                }
              >
                {wording.weekAsPlanned}
              </Button>
            )}
            <ThisWeek block={base.block} weeks={weekNumbers} commands={commands} />
          </WeekSum>
          <PastNotice id={id} cycle={cycle} today={today} />
          <DaysSideBySide
            cycle={cycle}
            block={block}
            shown={shown}
            rules={rules}
            today={today}
            selected={date}
            lit={lit}
            run={run}
            acts={acts}
            onSelect={setChosen}
          />
          {week && (
            <WeekTemplates
              block={base.block}
              shown={shown}
              week={week}
              from={cycle.days[0]?.day.date ?? today}
              past={past}
              commands={commands}
            />
          )}
        </main>
        <aside className={styles.aside} aria-label={wording.dayChecksAndSessions}>
          <Tabs
            value={tab}
            onChange={(_, value: SheetTab) => setTab(value)}
            aria-label={wording.besideTheDays}
            sx={{ mb: 1 }}
          >
            <Tab value="day" label={wording.day} />
            <Tab value="checks" label={checksLabel(here.findings)} />
            <Tab value="sessions" label={wording.sessions} />
          </Tabs>
          {tab === 'day' && selected && (
            <div className={styles.dayHead}>
              <IconAct
                label={wording.theDayBefore}
                icon={BackIcon}
                onClick={() => setChosen(addDays(selected.day.date, -1))}
              />
              <IconAct
                label={wording.theDayAfter}
                icon={NextIcon}
                onClick={() => setChosen(addDays(selected.day.date, 1))}
              />
            </div>
          )}
          {tab === 'day' && selected && isOver && (
            <DayOver chosen={selected} shown={shown} rules={rules} />
          )}
          {tab === 'day' && selected && !isOver && (
            <DayPanel
              key={selected.day.date}
              chosen={selected}
              block={base.block}
              shown={shown}
              rules={rules}
              run={run}
            />
          )}
          {tab === 'day' && selected && selected.day.date <= today && (
            <DayDetails key={`known ${selected.day.date}`} day={selected.day} acts={acts} />
          )}
          {tab === 'checks' && (
            <Checks
              block={here}
              shown={undefined}
              measure={shown.measure}
              today={today}
              commands={commands}
              onLight={(_, dates = []) => setLit(dates)}
            />
          )}
          {tab === 'sessions' && week && (
            <>
              <PhaseSessions block={base.block} week={week} commands={commands} />
              <DayByDay block={base.block} commands={commands} />
            </>
          )}
        </aside>
      </div>
      <ConflictDialog />
    </>
  );
}

type SheetTab = 'day' | 'checks' | 'sessions';

function checksLabel(findings: Parameters<typeof findingWords>[0]): string {
  const words = findingWords(findings);
  return words === '' ? wording.checks : wording.checks2(words);
}
