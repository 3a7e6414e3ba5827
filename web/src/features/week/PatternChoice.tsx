import Button from '@mui/material/Button';
import { type CheckedBlock, layOut } from '@nadir/core';
import { addDays, type CivilDate, startOfWeek, unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { applyChange } from '@nadir/core/edit';
import {
  assignFamily,
  choosePattern,
  dropPattern,
  setCycleRole,
  type WeekPatternName,
  weekPatternNames,
  weekPatterns,
} from '@nadir/core/edit/week';
import { rolesOf, type Week } from '@nadir/core/layout';
import { showBlock, type ShownBlock } from '@nadir/core/present';
import { startingFamilies } from '@nadir/core/sessions';
import type { PhaseKind, Progression } from '@nadir/core/spec/choices';
import { dayRoleWords, patternRoles } from '@nadir/core/spec/days';
import { useId, useMemo, useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { shortWeekday } from '../../components/dates.js';
import type { Commands } from '../../editor/useCommands.js';
import { cycleOn, cyclesOf } from './cycle-days.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';

/** The week's roles: ready patterns with this athlete's own numbers, and the families of the phase. */
export function PatternChoice({
  block,
  shown,
  week,
  from,
  commands,
}: {
  block: CheckedBlock;
  shown: ShownBlock;
  week: Week | undefined;
  /** The first day in view. */
  from: CivilDate;
  commands: Commands;
}) {
  const [open, setOpen] = useState(false);
  const [onlyPhase, setOnlyPhase] = useState(false);
  if (!week) return null;
  const phase = onlyPhase ? week.phase : undefined;
  const phaseName = week.phase.replaceAll('-', ' ');
  const takes = block.spec.week.days !== undefined || block.spec.week.byPhase !== undefined;
  return (
    <>
      <Families block={block} week={week} commands={commands} />
      <section aria-label="Roles of the week">
        <h2 className="display">Roles of the week</h2>
        <label>
          <input
            type="checkbox"
            checked={onlyPhase}
            onChange={({ target }) => setOnlyPhase(target.checked)}
          />{' '}
          only in {phaseName}
        </label>
        <p>
          <Button variant="outlined" aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? 'close' : 'choose a ready week'}
          </Button>{' '}
          {takes && (
            <Button variant="outlined" onClick={() => commands.run(dropPattern(block, phase))}>
              plain week again
            </Button>
          )}
        </p>
        {open && <DayByDay block={block} commands={commands} />}
        {open && (
          <ul className="patterns">
            {weekPatternNames.map((name) => (
              <Pattern
                key={name}
                name={name}
                block={block}
                shown={shown}
                from={from}
                phase={phase}
                commands={commands}
              />
            ))}
          </ul>
        )}
      </section>
    </>
  );
}

/** The block's own cycle, role by role. */
function DayByDay({ block, commands }: { block: CheckedBlock; commands: Commands }) {
  const { spec } = block;
  const first = startOfWeek(spec.start, spec.weekStartsOn);
  const roles = rolesOf(spec);
  return (
    <fieldset className="day-by-day">
      <legend>Day by day</legend>
      {roles.map(({ role }, index) => {
        const name = roles.length === 7 ? shortWeekday(addDays(first, index)) : `Day ${index + 1}`;
        return (
          <label key={index}>
            <span>{name}</span>
            <ChoiceAnswer
              value={role}
              choices={patternRoles.map((each) => [each, dayRoleWords[each]] as const)}
              onAnswer={(next) => void commands.run(setCycleRole(block, index, next))}
            />
          </label>
        );
      })}
    </fieldset>
  );
}

/** A ready week, and what its days would be under it around the first day in view. */
function Pattern({
  name,
  block,
  shown: { measure },
  from,
  phase,
  commands,
}: {
  name: WeekPatternName;
  block: CheckedBlock;
  shown: ShownBlock;
  /** A day of the week or the cycle whose figures are shown. */
  from: CivilDate;
  phase: PhaseKind | undefined;
  commands: Commands;
}) {
  const { title, why } = weekPatterns[name];
  const command = useMemo(() => choosePattern(block, name, phase), [block, name, phase]);
  // Laid out once, not at every pattern that is pointed at.
  const { figures, days } = useMemo(() => {
    const tried = layOut(applyChange(block.spec, command.change), { shown: measure });
    const cycle = cycleOn(cyclesOf(tried, weekPatterns[name].days.length), from);
    return { figures: showBlock(tried, measure).weeks, days: cycle?.days ?? [] };
  }, [block, command, measure, name, from]);
  const words = days.map(({ day: { role }, week, place }) => {
    const amount = figures[week.number - 1]?.days[place] ?? 0;
    return amount > 0 ? formatSteps(amount, measure) : role === 'cross-train' ? '×' : '–';
  });
  return (
    <li>
      <button
        type="button"
        className="check"
        onMouseEnter={() => commands.show(command)}
        onFocus={() => commands.show(command)}
        onMouseLeave={() => commands.cancel()}
        onBlur={() => commands.cancel()}
        onClick={() => commands.run(command)}
      >
        <span />
        <span>
          <b>{title}</b>
          <span
            className="pattern-figures"
            title={days.map(({ day }) => dayRoleWords[day.role]).join(', ')}
          >
            {words.join('  ')} {unitName(measure)}
          </span>
          <span style={{ display: 'block', fontSize: 13 }}>{why}</span>
        </span>
      </button>
    </li>
  );
}

/** Which family fills which quality day of the phase. */
function Families({
  block,
  week: { phase, days },
  commands,
}: {
  block: CheckedBlock;
  week: Week;
  commands: Commands;
}) {
  const id = useId();
  const { coach } = useSignedIn();
  const all: Progression[] = [...coach.library, ...startingFamilies];
  const quality = days.filter(({ role }) => role === 'quality').length;
  const places = Array.from({ length: Math.max(1, quality) }, (_, index) => index + 1);
  return (
    <section aria-label="Sessions of the phase">
      <h2 className="display">Sessions in {phase.replaceAll('-', ' ')}</h2>
      {places.map((place) => {
        const used = block.spec.sessions.find(
          (use) => use.phase === phase && use.place === place,
        )?.family;
        const choices = used && !all.some((each) => each.id === used.id) ? [used, ...all] : all;
        return (
          <div key={place} className="family-choice">
            <label htmlFor={`${id}-${place}`}>Quality day {place}</label>
            <select
              id={`${id}-${place}`}
              className="answer"
              value={used?.id ?? ''}
              onChange={({ target }) => {
                const family = choices.find((each) => each.id === target.value);
                commands.run(assignFamily(block, phase, place, family));
              }}
            >
              <option value="">as the day before it, or strides</option>
              {choices.map((family) => (
                <option key={family.id} value={family.id}>
                  {family.name}
                  {family.phases.includes(phase) ? '' : ' (other phase)'}
                </option>
              ))}
            </select>
            {used && <p>{used.purpose}</p>}
          </div>
        );
      })}
    </section>
  );
}
