import { type CheckedBlock, fixesOf } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import { type Command, unwaive, waive } from '@nadir/core/edit';
import type { Fix } from '@nadir/core/edit/fixes';
import type { ToldFinding } from '@nadir/core/present';
import { type SyntheticEvent, useCallback, useState } from 'react';
import { token } from '../../theme/tokens.js';
import { useHistory } from '../../components/history.js';
import type { Commands } from '../useCommands.js';

/** Asks for the fixes of a finding when they are wanted: each is laid out before it is offered. */
export function useFixes({
  block,
  finding,
  measure,
  today,
}: {
  block: CheckedBlock;
  finding: ToldFinding;
  measure: Measure;
  today: string;
}): () => Fix[] {
  const history = useHistory();
  return useCallback(
    () => fixesOf(block, finding, { asOf: today, history, shown: measure }),
    [block, finding, measure, today, history],
  );
}

export function fixCommand({ title }: ToldFinding, { label, change }: Fix): Command {
  return { change, message: `Mended “${title}”: ${label}.` };
}

/** The ways to mend a finding, drawn while they are pointed at; or a reason to let it stand. */
export function Mending({
  finding,
  block,
  fixes,
  commands,
}: {
  finding: ToldFinding;
  block: CheckedBlock;
  fixes: readonly Fix[];
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
      {fixes.length === 0 && (
        <span style={{ color: token('muted') }}>No single change mends this without harm.</span>
      )}
      {fixes.map((fix) => (
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
