import Button from '@mui/material/Button';
import { type CheckedBlock, fixesOf } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { Observation } from '@nadir/core/checks';
import { dayWords } from '@nadir/core/base/format';
import { type Command, unwaive, waive } from '@nadir/core/edit';
import type { Fix } from '@nadir/core/edit/fixes';
import type { ToldFinding } from '@nadir/core/present';
import { useCallback, useMemo, useState } from 'react';
import { DownIcon } from '../../theme/icons.js';
import styles from './Checks.module.css';
import { useWhenIdle } from '../../components/useWhenIdle.js';
import { useHistory } from '../../components/history.js';
import type { Commands } from '../useCommands.js';
import { useShownWhilePointedAt } from '../useShownWhilePointedAt.js';
import { WaiveForm } from './WaiveForm.js';
import * as wording from '../wording.js';

/** Asks for the fixes of findings when they are wanted: each is laid out before it is offered. */
export function useFixes({
  block,
  measure,
  today,
}: {
  block: CheckedBlock;
  measure: Measure;
  today: string;
}): FixesOf {
  const history = useHistory();
  return useCallback(
    (finding) => fixesOf(block, finding, { asOf: today, history, shown: measure }),
    [block, measure, today, history],
  );
}

/** What fixes a finding, the best first. */
type FixesOf = (finding: ToldFinding) => Fix[];

export function fixCommand({ title }: ToldFinding, { label, change }: Fix): Command {
  return { change, message: wording.fixed(title, label) };
}

/** The ways to fix a finding, drawn while they are pointed at; or a reason to let it stand. */
export function Mending({
  finding,
  block,
  fixesOf,
  commands,
  all,
  onAll,
}: {
  finding: ToldFinding;
  block: CheckedBlock;
  fixesOf: FixesOf;
  commands: Commands;
  /** Every fix and the waiver, not the first one alone. */
  all: boolean;
  onAll: () => void;
}) {
  if (finding.waived !== undefined) {
    return (
      <div className={styles.fixes}>
        <Button variant="outlined" onClick={() => commands.run(unwaive(block, finding))}>
          {wording.removeTheWaiver}
        </Button>
      </div>
    );
  }
  return (
    <div className={styles.fixes}>
      <FixButtons finding={finding} fixesOf={fixesOf} commands={commands} all={all} onAll={onAll} />
      {all &&
        finding.each?.map((part) => (
          <OnePart
            key={[part.weeks, part.dates].join(' ')}
            finding={finding}
            part={part}
            fixesOf={fixesOf}
            commands={commands}
          />
        ))}
      {all && (
        <WaiveForm
          label={wording.waive}
          words={wording.reasonToLetItStand}
          onWaive={(reason) => commands.run(waive(block, finding, reason))}
        />
      )}
    </div>
  );
}

/** One of several weeks in which the same was found: its own fixes, where they are wanted. */
function OnePart({ finding, part, ...rest }: FixesProps & { part: Observation }) {
  const [open, setOpen] = useState(false);
  const alone = useMemo(
    () => ({ ...finding, ...part, level: finding.level, each: undefined }),
    [finding, part],
  );
  const { weeks, dates } = part;
  const words = dates ? dates.map(dayWords).join(', ') : wording.week3(weeks.join(', '));
  return (
    <div className={styles.fixes}>
      <Button variant="outlined" aria-expanded={open} onClick={() => setOpen((was) => !was)}>
        {wording.only(words)}
      </Button>
      {open && <FixButtons finding={alone} {...rest} all />}
    </div>
  );
}

interface FixesProps {
  finding: ToldFinding;
  fixesOf: FixesOf;
  commands: Commands;
}

function FixButton({
  finding,
  fix,
  commands,
}: Pick<FixesProps, 'finding' | 'commands'> & { fix: Fix }) {
  const pointedAt = useShownWhilePointedAt(commands, () => fixCommand(finding, fix));
  return (
    <Button
      variant="outlined"
      {...pointedAt}
      onClick={() => commands.run(fixCommand(finding, fix))}
    >
      {fix.label}
    </Button>
  );
}

function FixButtons({
  finding,
  fixesOf,
  commands,
  all = false,
  onAll,
}: FixesProps & { all?: boolean; onAll?: (() => void) | undefined }) {
  const fixes = useWhenIdle(useCallback(() => fixesOf(finding), [fixesOf, finding]));
  if (!fixes) return <span className={styles.waiting} aria-hidden="true" />;
  if (fixes.length === 0) {
    return <span className="muted">{wording.noSingleChangeFixesThisSafely}</span>;
  }
  const others = fixes.length - 1;
  return (
    <>
      {(all ? fixes : fixes.slice(0, 1)).map((fix) => (
        <FixButton key={fix.label} finding={finding} fix={fix} commands={commands} />
      ))}
      {!all && (
        <Button endIcon={<DownIcon />} onClick={onAll}>
          {others > 0 ? wording.more(others) : wording.waive}
        </Button>
      )}
    </>
  );
}
