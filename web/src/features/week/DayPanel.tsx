import Button from '@mui/material/Button';
import type { CheckedBlock } from '@nadir/core';
import { dayWords } from '@nadir/core/base/format';
import { addEvent } from '@nadir/core/edit';
import {
  copyOn,
  freeDay,
  moveRest,
  setBeside,
  setDayRole,
  swapBack,
  swapForCross,
  writeSession,
} from '@nadir/core/edit/week';
import { mainOf } from '@nadir/core/layout';
import { type ShownBlock, whyDay } from '@nadir/core/present';
import { type CrossKind, crossKinds, crossWords, type HouseRules } from '@nadir/core/rules';
import { namePaces, readSession, sessionPacesOf, startingFamilies } from '@nadir/core/sessions';
import { paceAimWords } from '@nadir/core/spec/choices';
import {
  type AddOn,
  addOns,
  dayRoleWords,
  fixedDayOf,
  patternRoles,
  type SwapReason,
  swapReasons,
} from '@nadir/core/spec/days';
import { useId, useMemo, useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { SessionBreakdown } from '../../components/SessionBreakdown.js';
import { SessionEditor } from '../../components/SessionEditor.js';
import { type CycleDay, copiedTo } from './cycle-days.js';
import type { RunDay } from './useDayCommands.js';

const WIDTH = 520;
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
  const { date, role, swap, beside } = day;
  const id = useId();
  const isPlaced = role === 'race' || role === 'tune-up' || role === 'test';
  if (isPlaced) {
    return (
      <section aria-label={dayWords(date)} className="day-panel">
        <h3 className="display">{dayWords(date)}</h3>
        <p>A race or test is moved where it is placed, in “On the way” beside the block.</p>
      </section>
    );
  }
  return (
    <section aria-label={dayWords(date)} className="day-panel">
      <div className="day-choices">
        <h3 className="display">{dayWords(date)}</h3>
        <label htmlFor={`${id}-role`}>Role</label>
        <ChoiceAnswer
          id={`${id}-role`}
          value={role}
          choices={patternRoles.map((each) => [each, dayRoleWords[each]] as const)}
          onAnswer={(next) => run(setDayRole(block, date, next))}
        />
        <label>
          <input
            type="checkbox"
            checked={beside.double === true}
            onChange={({ target }) => run(setBeside(block, date, { double: target.checked }))}
          />{' '}
          run twice
        </label>
        <label>
          <input
            type="checkbox"
            checked={beside.strength === true}
            onChange={({ target }) => run(setBeside(block, date, { strength: target.checked }))}
          />{' '}
          strength
        </label>
        <label htmlFor={`${id}-add`}>with</label>
        <ChoiceAnswer<AddOn | 'nothing'>
          id={`${id}-add`}
          value={beside.addOn ?? 'nothing'}
          choices={[
            ['nothing', 'nothing more'],
            ...addOns.map((each) => [each, each.replace('-', ' ')] as const),
          ]}
          onAnswer={(next) => run(setBeside(block, date, { addOn: next }))}
        />
        <Across block={block} day={day} swap={swap} run={run} />
        <Button variant="outlined" onClick={() => run(moveRest(block, date))}>
          rest here
        </Button>
        <Button variant="outlined" onClick={() => run(copyOn(block, date))}>
          copy to {copiedTo(block)}
        </Button>
        <Button
          variant="outlined"
          disabled={!block.spec.days.some((each) => each.date === date)}
          onClick={() => run(freeDay(block, date))}
        >
          leave to the week
        </Button>
      </div>
      <p>{whyDay(week, day, shown, rules)}</p>
      {(role === 'rest' || role === 'cross-train') && (
        <p>Give the day a role that is run, and a session can be written for it.</p>
      )}
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
          {mainOf(day)?.shorthand}. Its length is pinned with the arrow keys, its stretches are
          chosen in the wishes.
        </p>
      )}
      <RaceInstead key={date} block={block} date={date} run={run} />
    </section>
  );
}

/** A race or test in the place of what stands here; the block is laid out around it. */
function RaceInstead({ block, date, run }: { block: CheckedBlock; date: string; run: RunDay }) {
  const [name, setName] = useState('Race on the way');
  const [metres, setMetres] = useState('5000');
  const distance = Number(metres);
  const fits = name.trim() !== '' && distance >= 100 && distance <= 300_000;
  return (
    <details>
      <summary>a race instead</summary>
      <div className="day-choices">
        <input
          className="answer"
          aria-label="Name of the race"
          value={name}
          onChange={({ target }) => setName(target.value)}
        />
        <input
          className="answer"
          aria-label="Metres of the race"
          inputMode="numeric"
          value={metres}
          aria-invalid={!fits}
          onChange={({ target }) => setMetres(target.value)}
        />
        <Button
          variant="outlined"
          disabled={!fits}
          onClick={() =>
            run(addEvent(block, { kind: 'tune-up-race', name: name.trim(), from: date, distance }))
          }
        >
          race here
        </Button>
      </div>
    </details>
  );
}

/** Pool or bike instead of running, with the reason; and back. */
function Across({
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
  const [kind, setKind] = useState<CrossKind>('pool');
  if (swap) {
    return (
      <Button variant="outlined" onClick={() => run(swapBack(block, date))}>
        run it after all
      </Button>
    );
  }
  return (
    <span className="across">
      <ChoiceAnswer
        label="Instead of running"
        value={kind}
        choices={crossKinds.map((each) => [each, crossWords[each].title] as const)}
        onAnswer={setKind}
      />
      <ChoiceAnswer
        label="Reason"
        value={reason}
        choices={swapReasons.map((each) => [each, each] as const)}
        onAnswer={setReason}
      />
      <Button
        variant="outlined"
        disabled={role === 'rest' || role === 'cross-train'}
        onClick={() => run(swapForCross(block, date, kind, reason))}
      >
        instead of running
      </Button>
    </span>
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
  const { coach } = useSignedIn();
  const { date, role } = day;
  const { spec } = block;
  const { table } = spec.paces;
  const wish = fixedDayOf(spec.days, date);
  const laid = wish.session ? namePaces(wish.session, table) : (mainOf(day)?.shorthand ?? '');
  const [text, setText] = useState(laid);
  const [follow, setFollow] = useState(wish.follow === true);
  const paces = useMemo(() => sessionPacesOf(spec, rules, date), [spec, rules, date]);
  const family = mainOf(day)?.family;
  const reads = readSession(text).ok;
  return (
    <div className="writing">
      <SessionEditor
        label={family ? `${family.name}, exposure ${family.exposure}` : 'Session'}
        text={text}
        table={table}
        families={[...coach.library, ...startingFamilies]}
        paces={paces}
        onText={setText}
      />
      <div className="day-choices">
        <Button
          variant="outlined"
          disabled={!reads || (text === laid && follow === (wish.follow === true))}
          onClick={() => run(writeSession(block, date, text, follow))}
        >
          keep this session
        </Button>
        {wish.session !== undefined && (
          <Button variant="outlined" onClick={() => run(writeSession(block, date, undefined))}>
            back to the week’s own
          </Button>
        )}
        {role === 'quality' && (
          <label>
            <input
              type="checkbox"
              checked={follow}
              onChange={({ target }) => setFollow(target.checked)}
            />{' '}
            later ones of the family follow
          </label>
        )}
      </div>
      {reads && (
        <>
          <p>Paces: {paceAimWords[spec.paces.aim].title.toLowerCase()}.</p>
          <SessionBreakdown text={text} paces={paces} unit={spec.athlete.unit} width={WIDTH} />
        </>
      )}
    </div>
  );
}
