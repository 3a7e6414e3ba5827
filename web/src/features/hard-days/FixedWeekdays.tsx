import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import type { CheckedBlock } from '@nadir/core';
import { type Measure, type Weekday, unitName, weekdaysFrom } from '@nadir/core/base';
import { capital } from '@nadir/core/base/format';
import { readWeekday } from '@nadir/core/edit/sheet';
import { fixWeekday, freeWeekday, ruleWords, weekdayWords } from '@nadir/core/edit/week';
import type { PhaseKind } from '@nadir/core/spec/choices';
import type { FixedWeekday } from '@nadir/core/spec/days';
import { useState } from 'react';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import type { Commands } from '../../editor/useCommands.js';
import { RemoveIcon } from '../../theme/icons.js';
import styles from './HardDays.module.css';
import * as wording from './wording.js';

/** Weekdays that hold the same week after week, typed as a day of the Sheet is. */
export function FixedWeekdays({
  block,
  measure,
  phases,
  commands,
}: {
  block: CheckedBlock;
  measure: Measure;
  /** What is typed holds in them; in the whole block when undefined. */
  phases: PhaseKind[] | undefined;
  commands: Commands;
}) {
  const { spec } = block;
  const { table } = spec.paces;
  const [problem, setProblem] = useState<{ weekday: Weekday; text: string }>();
  const fixed = spec.week.fixed ?? [];
  const isHere = (rule: FixedWeekday) => !rule.weeks && rule.phases?.join() === phases?.join();
  const elsewhere = fixed.filter((rule) => !isHere(rule));

  function write(weekday: Weekday, text: string) {
    const read = readWeekday(block, weekday, text, measure);
    if (!read.ok) {
      setProblem({ weekday, text: read.problem });
      return;
    }
    const { entry } = read;
    const [issue] = commands.run(
      entry
        ? fixWeekday(block, { ...entry, phases }, measure)
        : freeWeekday(block, { weekday, phases }),
    );
    setProblem(issue && { weekday, text: issue.message });
  }

  return (
    <section aria-labelledby="the-same" className={styles.fixed}>
      <h2 id="the-same" className="display">
        {wording.theSameEveryWeek}
      </h2>
      <p className="small muted">{wording.typeItAsYouWouldADay(unitName(measure))}</p>
      {weekdaysFrom(spec.weekStartsOn).map((weekday) => {
        const rule = fixed.find((each) => each.weekday === weekday && isHere(each));
        const words = rule ? ruleWords(rule, measure, table) : '';
        return (
          <Field
            key={`${weekday} ${words}`}
            label={capital(weekday)}
            problem={problem?.weekday === weekday ? problem.text : undefined}
          >
            {(ids) => (
              <Written
                {...ids}
                words={words}
                given={rule !== undefined}
                wrong={problem?.weekday === weekday}
                onWrite={(text) => write(weekday, text)}
              />
            )}
          </Field>
        );
      })}
      {elsewhere.length > 0 && (
        <ul className="plain-list">
          {elsewhere.map((rule) => {
            const words = `${weekdayWords(rule)}: ${ruleWords(rule, measure, table)}`;
            return (
              <li key={words}>
                {words}{' '}
                <Tooltip title={wording.free(weekdayWords(rule))}>
                  <IconButton
                    aria-label={wording.free(weekdayWords(rule))}
                    onClick={() => commands.run(freeWeekday(block, rule))}
                  >
                    <RemoveIcon fontSize="small" />
                  </IconButton>
                </Tooltip>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}

/** Kept with Enter, or when the field is left: half a session is no session yet. */
function Written({
  words,
  given,
  wrong,
  onWrite,
  ...ids
}: {
  id: string;
  describedBy: string;
  words: string;
  given: boolean;
  wrong: boolean;
  onWrite: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const keep = () => {
    if (typed !== undefined && typed.trim() !== words) onWrite(typed);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
      onBlur={keep}
    >
      <TextAnswer
        {...ids}
        value={words}
        given={given}
        wrong={wrong}
        width="100%"
        onAnswer={setTyped}
      />
    </form>
  );
}
