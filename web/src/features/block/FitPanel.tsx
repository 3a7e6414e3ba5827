import type { BlockFile, PlannedDay, FitAnswer, FitRequest } from '@nadir/contract';
import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import { formatPlain } from '@nadir/core/base/format';
import type { BendingRule } from '@nadir/core/solve';
import { useEffect, useMemo, useRef, useState } from 'react';
import { token } from '../../theme/tokens.js';
import { createFitClient } from '../../workers/fit.js';
import type { Commands } from '../../editor/useCommands.js';

const TASKS: readonly (readonly [FitRequest['task'], string, string])[] = [
  ['lowest-growth', 'Lowest growth', 'that reaches this peak'],
  ['highest-peak', 'Highest peak', 'under this cap'],
  ['fewest-weeks', 'Fewest weeks', 'that reach this peak under this cap'],
  ['place-recovery', 'Recovery weeks', 'placed best around what is on the way'],
];

const RULES: Readonly<Record<BendingRule, string>> = {
  growth: 'growth cap',
  recovery: 'recovery',
  peak: 'peak',
  longRun: 'long run',
  taper: 'taper',
};

type State =
  | { status: 'idle' }
  | { status: 'working'; task: FitRequest['task'] }
  | { status: 'found'; answer: FitAnswer }
  | { status: 'failed'; message: string };

/**
 * What takes a solver: the nearest block where pins and rules cannot all hold,
 * and the best of one figure. It works in a thread of its own and can be
 * stopped; what it finds is drawn beside the block as it is until it is taken.
 */
export function FitPanel({
  block,
  file,
  measure,
  today,
  history,
  commands,
}: {
  block: CheckedBlock;
  file: BlockFile;
  today: string;
  history: readonly PlannedDay[] | undefined;
  measure: Measure;
  commands: Commands;
}) {
  const client = useMemo(() => createFitClient(), []);
  const [state, setState] = useState<State>({ status: 'idle' });
  const asked = useRef(0);
  useEffect(() => () => client?.stop(), [client]);

  if (!client) {
    return (
      <p style={{ fontSize: 13 }}>
        This browser has no worker threads, so the solver is missing here. Everything else works:
        the checks say what the pins bend, and their fixes mend it.
      </p>
    );
  }

  async function ask(task: FitRequest['task']) {
    if (!client) return;
    const turn = ++asked.current;
    setState({ status: 'working', task });
    try {
      const answer = await client.ask({
        task,
        wishes: file,
        asOf: today,
        history: history && [...history],
      });
      if (turn !== asked.current) return;
      setState({ status: 'found', answer });
      if (answer.command) commands.show(answer.command);
    } catch (error) {
      if (turn !== asked.current) return;
      const message = error instanceof Error ? error.message : 'The solver gave no answer.';
      setState({ status: 'failed', message });
    }
  }

  function drop() {
    asked.current++;
    client?.stop();
    commands.cancel();
    setState({ status: 'idle' });
  }

  const say = (amount: number) =>
    formatPlain(amount, { ...measure, basis: block.spec.athlete.basis });
  const busy = state.status === 'working';
  return (
    <section aria-label="Fit">
      <h2 className="display">Fit</h2>
      <p style={{ fontSize: 13, color: token('muted') }}>
        Where pins, rules and race day cannot all hold: the block that keeps every pin and bends the
        fewest rules least.
      </p>
      <div className="mending">
        <button
          type="button"
          className="tool"
          disabled={busy}
          onClick={() => void ask('nearest-block')}
        >
          Nearest block
        </button>
      </div>
      <h3 style={{ margin: '12px 0 2px', fontSize: 13, fontWeight: 600 }}>Find me</h3>
      <ul className="findings">
        {TASKS.map(([task, title, what]) => (
          <li key={task} style={{ padding: '4px 0', fontSize: 13 }}>
            <button type="button" className="tool" disabled={busy} onClick={() => void ask(task)}>
              {title}
            </button>{' '}
            {what}
          </li>
        ))}
      </ul>
      <div role="status" style={{ fontSize: 13 }}>
        {state.status === 'working' && (
          <p>
            Looking …{' '}
            <button type="button" className="tool" onClick={drop}>
              Stop
            </button>
          </p>
        )}
        {state.status === 'failed' && (
          <p style={{ color: token('signal') }}>{state.message} The block is as it was.</p>
        )}
        {state.status === 'found' && (
          <>
            <p>{state.answer.words}</p>
            {state.answer.asItIs.length > 0 && (
              <table className="bends">
                <caption>These bend, by this much</caption>
                <thead>
                  <tr>
                    <th>as it is</th>
                    <th>nearest</th>
                  </tr>
                </thead>
                <tbody>
                  <tr>
                    <td>{bendList(state.answer.asItIs, say)}</td>
                    <td>{bendList(state.answer.bends, say)}</td>
                  </tr>
                </tbody>
              </table>
            )}
            {state.answer.command && (
              <div className="mending">
                <button
                  type="button"
                  className="tool"
                  onClick={() => {
                    if (state.answer.command) commands.run(state.answer.command);
                    setState({ status: 'idle' });
                  }}
                >
                  Take it
                </button>
                <button type="button" className="tool" onClick={drop}>
                  Drop it
                </button>
              </div>
            )}
          </>
        )}
      </div>
    </section>
  );
}

function bendList(bends: FitAnswer['bends'], say: (amount: number) => string) {
  if (bends.length === 0) return 'nothing';
  return (
    <ul>
      {bends.map(({ rule, week, by }) => (
        <li key={`${rule} ${week} ${by}`}>
          week {week}, {RULES[rule]}: {say(by)}
        </li>
      ))}
    </ul>
  );
}
