import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { CheckedBlock } from '@nadir/core';
import { capital, dayWords } from '@nadir/core/base/format';
import { addEvent } from '@nadir/core/edit';
import {
  copyOn,
  freeDay,
  moveRest,
  setDayRole,
  swapBack,
  swapForCross,
  writeSession,
} from '@nadir/core/edit/week';
import { mainOf } from '@nadir/core/layout/block';
import { whyDay } from '@nadir/core/present';
import type { ShownBlock } from '@nadir/core/present/figures';
import { crossKinds, crossWords, type HouseRules } from '@nadir/core/rules';
import { namePaces, readTyped, sessionPacesOf } from '@nadir/core/sessions';
import { startingFamilies } from '@nadir/core/sessions/library';
import { paceAimWords } from '@nadir/core/spec/choices';
import {
  dayRoleWords,
  fixedDayOf,
  patternRoles,
  type SwapReason,
  swapReasons,
} from '@nadir/core/spec/days';
import { useMemo, useState } from 'react';
import { Fold } from '../../components/Fold.js';
import { useCoachingQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { SessionBreakdown } from '../../components/SessionBreakdown.js';
import { SessionEditor } from '../../components/SessionEditor.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { Tick } from '../../components/Tick.js';
import { ActMenu } from '../../components/ActMenu.js';
import { Beside } from './Beside.js';
import { type CycleDay, copiedTo } from './cycle-days.js';
import type { RunDay } from './useDayCommands.js';
import styles from './Week.module.css';
import * as wording from './wording.js';

const WIDTH = 276;
/** Roles without a session of words: their length is all there is to them. */
const NOT_WRITTEN: ReadonlySet<string> = new Set(['long', 'rest', 'cross-train']);

/** The chosen day: its role, its session as text and to scale, what goes with it. */
export function DayPanel({
  chosen: { day, week },
  block,
  shown,
  rules,
  run,
}: {
  chosen: CycleDay;
  block: CheckedBlock;
  shown: ShownBlock;
  rules: HouseRules;
  run: RunDay;
}) {
  const { date, role, swap } = day;
  const isPlaced = role === 'race' || role === 'tune-up' || role === 'test';
  if (isPlaced) {
    return (
      <section aria-label={dayWords(date)}>
        <h2 className="display">{dayWords(date)}</h2>
        <p>{role === 'race' ? wording.theGoalRaceIsMoved : wording.aRaceOrTestIsMoved}</p>
      </section>
    );
  }
  return (
    <section aria-label={dayWords(date)}>
      <h2 className="display">{dayWords(date)}</h2>
      <ToggleButtonGroup
        exclusive
        aria-label={wording.role}
        className={styles.roles}
        value={role}
        onChange={(_, next: (typeof patternRoles)[number] | null) =>
          next && run(setDayRole(block, date, next))
        }
      >
        {patternRoles.map((each) => (
          <ToggleButton key={each} value={each}>
            {capital(dayRoleWords[each])}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Beside block={block} day={day} run={run} />
      <div className={styles.chips}>
        <SwapMenu block={block} day={day} swap={swap} run={run} />
        <Button onClick={() => run(moveRest(block, date))}>{wording.makeRestDay}</Button>
        <Button onClick={() => run(copyOn(block, date))}>{wording.copyTo(copiedTo(block))}</Button>
        <Button
          disabled={!block.spec.days.some((each) => each.date === date)}
          onClick={() => run(freeDay(block, date))}
        >
          {wording.resetDay}
        </Button>
      </div>
      <p className="muted">{whyDay(week, day, shown, rules)}</p>
      {role === 'rest' && <p>{wording.giveTheDayARun}</p>}
      {role === 'cross-train' && <p>{wording.minutesAndSessionAreTyped}</p>}
      {!NOT_WRITTEN.has(role) && !swap && (
        // Written anew whenever the day is laid out otherwise.
        <Writing
          key={mainOf(day)?.shorthand ?? ''}
          block={block}
          day={day}
          rules={rules}
          run={run}
        />
      )}
      {role === 'long' && (
        <p>
          {mainOf(day)?.shorthand}
          {wording.arrowKeysOnTheDayFix}
        </p>
      )}
      <RaceInstead key={date} block={block} date={date} run={run} />
    </section>
  );
}

/** A race in the place of what stands here; the block is laid out around it. */
function RaceInstead({ block, date, run }: { block: CheckedBlock; date: string; run: RunDay }) {
  const { today } = useSignedIn();
  const [name, setName] = useState(wording.tuneUpRace);
  const [metres, setMetres] = useState('5000');
  const distance = Number(metres);
  const fits = name.trim() !== '' && distance >= 100 && distance <= 300_000;
  return (
    <Fold title={wording.aRaceInstead} className={styles.chips}>
      <TextAnswer label={wording.nameOfTheRace} width={130} value={name} given onAnswer={setName} />
      <TextAnswer
        label={wording.metresOfTheRace}
        width={100}
        unit="m"
        value={metres}
        given
        wrong={!fits}
        onAnswer={setMetres}
      />
      <Button
        variant="outlined"
        disabled={!fits}
        onClick={() =>
          run(
            addEvent(
              block,
              { kind: 'tune-up-race', name: name.trim(), from: date, distance },
              { today },
            ),
          )
        }
      >
        {wording.raceHere}
      </Button>
    </Fold>
  );
}

/** Pool, bike or other instead of running, with the reason; and back. */
function SwapMenu({
  block,
  day: { date, role },
  swap,
  run,
}: {
  block: CheckedBlock;
  day: CycleDay['day'];
  swap: CycleDay['day']['swap'];
  run: RunDay;
}) {
  const [reason, setReason] = useState<SwapReason>('soreness');
  if (swap) {
    return (
      <Button variant="outlined" onClick={() => run(swapBack(block, date))}>
        {wording.runAfterAll}
      </Button>
    );
  }
  if (role === 'rest' || role === 'cross-train') return null;
  return (
    <ActMenu
      label={wording.swapFor}
      variant="outlined"
      groups={[
        {
          title: wording.minuteForMinute,
          acts: crossKinds.map((kind) => ({
            label: crossWords[kind].title,
            run: () => run(swapForCross(block, date, kind, reason)),
          })),
          field: (
            <div className={styles.chips} onKeyDown={(event) => event.stopPropagation()}>
              <ChoiceAnswer
                label={wording.reason}
                value={reason}
                choices={swapReasons.map((each) => [each, each] as const)}
                onAnswer={setReason}
              />
            </div>
          ),
        },
      ]}
    />
  );
}

/** The session as text; kept when it reads, the later ones of its family following if asked. */
function Writing({
  block,
  day,
  rules,
  run,
}: {
  block: CheckedBlock;
  day: CycleDay['day'];
  rules: HouseRules;
  run: RunDay;
}) {
  const library = useCoachingQuery().data?.library ?? [];
  const { date, role } = day;
  const { spec } = block;
  const { table } = spec.paces;
  const wish = fixedDayOf(spec.days, date);
  const laid = wish.session ? namePaces(wish.session, table) : (mainOf(day)?.shorthand ?? '');
  const [text, setText] = useState(laid);
  const [follow, setFollow] = useState(wish.follow === true);
  const paces = useMemo(() => sessionPacesOf(spec, rules, date), [spec, rules, date]);
  const family = mainOf(day)?.family;
  const reads = readTyped(text).ok;
  return (
    <div className={styles.section}>
      <SessionEditor
        label={family ? wording.exposure(family.name, family.exposure) : wording.session}
        text={text}
        table={table}
        families={[...library, ...startingFamilies]}
        paces={paces}
        onText={setText}
      />
      <div className={styles.chips}>
        <Button
          variant="contained"
          disabled={!reads || (text === laid && follow === (wish.follow === true))}
          onClick={() => run(writeSession(block, date, text, follow))}
        >
          {wording.keepSession}
        </Button>
        {role === 'quality' && (
          <Tick label={wording.everyExposure} checked={follow} onAnswer={setFollow} />
        )}
        {wish.session !== undefined && (
          <Button onClick={() => run(writeSession(block, date, undefined))}>
            {wording.backToTheWeeksOwn}
          </Button>
        )}
      </div>
      {reads && (
        <>
          <SessionBreakdown text={text} paces={paces} unit={spec.athlete.unit} width={WIDTH} />
          {!paces.guessed && (
            <p className="muted">
              {wording.paces(paceAimWords[spec.paces.aim].title.toLowerCase())}
            </p>
          )}
        </>
      )}
    </div>
  );
}
