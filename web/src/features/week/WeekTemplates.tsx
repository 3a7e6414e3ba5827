import Button from '@mui/material/Button';
import type { CheckedBlock } from '@nadir/core';
import { addDays, type CivilDate, startOfWeek } from '@nadir/core/base';
import { dropPattern, setCycleRole, weekPatternNames } from '@nadir/core/edit/week';
import { rolesOf } from '@nadir/core/layout';
import type { Week } from '@nadir/core/layout/block';
import type { ShownBlock } from '@nadir/core/present/figures';
import { dayRoleWords, patternRoles } from '@nadir/core/spec/days';
import { useState } from 'react';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { Tick } from '../../components/Tick.js';
import { shortWeekday } from '../../components/dates.js';
import type { PastOfBlock } from '../../components/useLaidBlock.js';
import type { Commands } from '../../editor/useCommands.js';
import styles from './Week.module.css';
import { WeekTemplate } from './WeekTemplate.js';
import * as wording from './wording.js';

/** The layouts of a week as small skylines in this athlete's own figures; for the block or the phase. */
export function WeekTemplates({
  block,
  shown,
  week,
  from,
  past,
  commands,
}: {
  block: CheckedBlock;
  shown: ShownBlock;
  week: Week;
  /** The first day in view. */
  from: CivilDate;
  past: PastOfBlock;
  commands: Commands;
}) {
  const [onlyPhase, setOnlyPhase] = useState(false);
  const phase = onlyPhase ? week.phase : undefined;
  const takes = block.spec.week.days !== undefined || block.spec.week.byPhase !== undefined;
  return (
    <section aria-label={wording.weekTemplates} className={styles.templates}>
      <div className={styles.heading}>
        <h3>{wording.weekTemplates}</h3>
        <Tick
          label={wording.onlyIn(week.phase.replaceAll('-', ' '))}
          checked={onlyPhase}
          onAnswer={setOnlyPhase}
        />
        {takes && (
          <Button onClick={() => commands.run(dropPattern(block, phase))}>
            {wording.noTemplate}
          </Button>
        )}
      </div>
      <div className={styles.patterns}>
        {weekPatternNames.map((name) => (
          <WeekTemplate
            key={name}
            name={name}
            block={block}
            shown={shown}
            from={from}
            phase={phase}
            past={past}
            commands={commands}
          />
        ))}
      </div>
    </section>
  );
}

/** The block's own cycle, role by role. */
export function DayByDay({ block, commands }: { block: CheckedBlock; commands: Commands }) {
  const { spec } = block;
  const first = startOfWeek(spec.start, spec.weekStartsOn);
  const roles = rolesOf(spec);
  return (
    <section aria-label={wording.dayByDay} className={styles.section}>
      <h2 className="display">{wording.dayByDay}</h2>
      {roles.map(({ role }, index) => {
        const name =
          roles.length === 7 ? shortWeekday(addDays(first, index)) : wording.day2(index + 1);
        return (
          <Field key={index} label={name}>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={role}
                choices={patternRoles.map((each) => [each, dayRoleWords[each]] as const)}
                onAnswer={(next) => commands.run(setCycleRole(block, index, next))}
              />
            )}
          </Field>
        );
      })}
    </section>
  );
}
