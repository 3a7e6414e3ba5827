import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import { type CivilDate, isCivilDate } from '@nadir/core/base';
import { rulesOf } from '@nadir/core/rules';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { InEditor } from '../../editor/InEditor.js';
import { SaveLine } from '../../editor/SaveLine.js';
import { UndoRedo } from '../../editor/UndoRedo.js';
import { Checks } from '../../editor/checks/Checks.js';
import { useCommands } from '../../editor/useCommands.js';
import { token } from '../../theme/tokens.js';
import { plural } from '../../components/dates.js';
import { useDaysOver } from '../../components/history.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { useLaidBlock, useShownChange } from '../../components/useLaidBlock.js';
import { copiedTo, cycleOn, cyclesOf } from './cycle-days.js';
import { DayOver } from './DayOver.js';
import { DayPanel } from './DayPanel.js';
import { DaysSideBySide } from './DaysSideBySide.js';
import { PastNotice } from './PastNotice.js';
import { PatternChoice } from './PatternChoice.js';
import { WeekSum } from './WeekSum.js';
import { useDayCommands } from './useDayCommands.js';

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
  const drawn = useShownChange(preview, base);
  const { block, shown } = drawn;
  const { athlete, race } = block.spec;
  const cycles = useMemo(() => cyclesOf(block), [block]);
  // By its number, or by any day in it.
  const cycle =
    cycles.find((each) => String(each.number) === number) ??
    cycleOn(cycles, number !== undefined && isCivilDate(number) ? number : today);
  const commands = useCommands();
  const { run, problem } = useDayCommands(commands);
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
    document.title = `Week ${cycle?.number ?? ''} of ${athlete.name || 'a block'} · Nadir`;
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
  return (
    <>
      <TitleBlock
        title={athlete.name || 'Week'}
        detail={`${race.name} · ${week && week.toGo > 0 ? `${plural(week.toGo, 'week')} to go` : 'race week'}`}
      >
        <SaveLine />
        <UndoRedo />
        <Button
          onClick={() => go(-1)}
          disabled={cycle === cycles[0]}
          aria-keyshortcuts="PageUp"
          title="The one before (Page up)"
        >
          before
        </Button>
        <Button
          onClick={() => go(1)}
          disabled={cycle === cycles.at(-1)}
          aria-keyshortcuts="PageDown"
          title="The next one (Page down)"
        >
          next
        </Button>
        <Button onClick={() => window.print()}>print</Button>
      </TitleBlock>
      <div className="editor">
        <main className="week-page">
          <WeekSum cycle={cycle} shown={shown} whose={`${athlete.name} · ${race.name}`} />
          <PastNotice id={id} cycle={cycle} today={today} />
          <p role="status" className="said">
            {problem}
          </p>
          <DaysSideBySide
            cycle={cycle}
            block={block}
            shown={shown}
            rules={rules}
            today={today}
            selected={date}
            lit={lit}
            run={run}
            onSelect={setChosen}
          />
          <p className="key-line">
            Arrows: another day, longer, shorter · with Shift: swap days, by five · P pool, B bike ·
            R rest here · C copy to {copiedTo(block)} · Delete leave to the week · Page up, Page
            down
          </p>
          {selected && over.has(selected.day.date) && (
            <DayOver chosen={selected} shown={shown} rules={rules} />
          )}
          {selected && !over.has(selected.day.date) && (
            <DayPanel
              key={selected.day.date}
              chosen={selected}
              block={base.block}
              shown={shown}
              rules={rules}
              run={run}
            />
          )}
        </main>
        <aside
          style={{ background: token('panel'), borderLeft: `1px solid ${token('hairline')}` }}
          aria-label="Checks and roles"
        >
          <Checks
            block={here}
            shown={undefined}
            measure={shown.measure}
            today={today}
            commands={commands}
            onLight={(_, dates = []) => setLit(dates)}
          />
          <PatternChoice
            block={base.block}
            shown={shown}
            week={week}
            from={cycle.days[0]?.day.date ?? today}
            commands={commands}
          />
        </aside>
      </div>
      <ConflictDialog />
    </>
  );
}
