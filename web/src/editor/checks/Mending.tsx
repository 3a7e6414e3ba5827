import { type CheckedBlock, fixesOf } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { Observation } from '@nadir/core/checks';
import { dayWords } from '@nadir/core/base/format';
import { type Command, unwaive, waive } from '@nadir/core/edit';
import type { Fix } from '@nadir/core/edit/fixes';
import type { ToldFinding } from '@nadir/core/present';
import { type SyntheticEvent, useCallback, useMemo, useState } from 'react';
import { token } from '../../theme/tokens.js';
import { useHistory } from '../../components/history.js';
import type { Commands } from '../useCommands.js';

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

/** What mends a finding, the best first. */
type FixesOf = (finding: ToldFinding) => Fix[];

export function fixCommand({ title }: ToldFinding, { label, change }: Fix): Command {
  return { change, message: `Mended “${title}”: ${label}.` };
}

/** The ways to mend a finding, drawn while they are pointed at; or a reason to let it stand. */
export function Mending({
  finding,
  block,
  fixesOf,
  commands,
}: {
  finding: ToldFinding;
  block: CheckedBlock;
  fixesOf: FixesOf;
  commands: Commands;
}) {
  const [reason, setReason] = useState('');
  const [wanted, setWanted] = useState(false);

  function onWaive(event: SyntheticEvent) {
    event.preventDefault();
    setWanted(reason.trim() === '');
    if (reason.trim() !== '') commands.run(waive(block, finding, reason.trim().slice(0, 500)));
  }

  if (finding.waived !== undefined) {
    return (
      <div className="mending">
        <button
          type="button"
          className="tool"
          onClick={() => commands.run(unwaive(block, finding))}
        >
          Take the waiver back
        </button>
      </div>
    );
  }
  return (
    <div className="mending">
      <FixButtons finding={finding} fixesOf={fixesOf} commands={commands} />
      {finding.each?.map((part) => (
        <OnePart
          key={[part.weeks, part.dates].join(' ')}
          finding={finding}
          part={part}
          fixesOf={fixesOf}
          commands={commands}
        />
      ))}
      <form onSubmit={onWaive} noValidate>
        <input
          className="answer"
          aria-label="Reason to let it stand"
          aria-invalid={wanted}
          placeholder="Reason to let it stand"
          value={reason}
          onChange={({ target }) => setReason(target.value)}
        />
        <button type="submit" className="tool">
          Waive
        </button>
      </form>
      {wanted && (
        <span role="alert" style={{ color: token('signal') }}>
          A waiver needs its reason.
        </span>
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
  const words = dates ? dates.map(dayWords).join(', ') : `week ${weeks.join(', ')}`;
  return (
    <div className="mending">
      <button
        type="button"
        className="tool"
        aria-expanded={open}
        onClick={() => setOpen((was) => !was)}
      >
        Only {words}
      </button>
      {open && <FixButtons finding={alone} {...rest} />}
    </div>
  );
}

interface FixesProps {
  finding: ToldFinding;
  fixesOf: FixesOf;
  commands: Commands;
}

function FixButtons({ finding, fixesOf, commands }: FixesProps) {
  const fixes = useMemo(() => fixesOf(finding), [fixesOf, finding]);
  if (fixes.length === 0) {
    return <span style={{ color: token('muted') }}>No single change mends this without harm.</span>;
  }
  return fixes.map((fix) => (
    <button
      key={fix.label}
      type="button"
      className="tool"
      onFocus={() => commands.show(fixCommand(finding, fix))}
      onMouseEnter={() => commands.show(fixCommand(finding, fix))}
      onBlur={() => commands.cancel()}
      onMouseLeave={() => commands.cancel()}
      onClick={() => commands.run(fixCommand(finding, fix))}
    >
      {fix.label}
    </button>
  ));
}
