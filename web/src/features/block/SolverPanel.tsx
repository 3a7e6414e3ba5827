import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { BlockFile, PlannedDay, FitAnswer, FitRequest } from '@nadir/contract';
import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import { formatPlain } from '@nadir/core/base/format';
import type { BendingRule } from '@nadir/core/solve';
import { useEffect, useMemo, useRef, useState } from 'react';
import styles from './EventList.module.css';
import { createFitClient } from '../../workers/fit.js';
import type { Commands } from '../../editor/useCommands.js';

const TASKS: readonly (readonly [FitRequest['task'], string, string])[] = [
  ['lowest-growth', 'Lowest growth', 'that reaches this peak'],
  ['highest-peak', 'Highest peak', 'under this cap'],
  ['fewest-weeks', 'Fewest weeks', 'that reach this peak under this cap'],
  ['place-recovery', 'Recovery weeks', 'best placed around races and days away'],
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
 * The nearest block where fixed figures and rules cannot all hold, and the best
 * of one figure. It works in a thread of its own and can be stopped; what it
 * finds is drawn beside the block as it is until it is applied.
 */
export function SolverPanel({
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
      <p>
        This browser has no worker threads, so there is no solver here. Everything else works: the
        checks say which rules the fixed figures exceed, and offer fixes.
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
    <section aria-label="Solver">
      <h2 className="display">Solver</h2>
      <p className="muted">
        Where fixed figures, rules and race day cannot all hold: the block that keeps every fixed
        figure and exceeds the fewest rules by the least.
      </p>
      <Button variant="outlined" disabled={busy} onClick={() => void ask('nearest-block')}>
        Nearest block
      </Button>
      <h3 className={styles.solve}>Solve for</h3>
      <ul className="plain-list">
        {TASKS.map(([task, title, what]) => (
          <li key={task} className={styles.event}>
            <Button variant="outlined" disabled={busy} onClick={() => void ask(task)}>
              {title}
            </Button>{' '}
            <span className="small">{what}</span>
          </li>
        ))}
      </ul>
      <div role="status">
        {state.status === 'working' && (
          <>
            <LinearProgress aria-label="Solving" />
            <Button onClick={drop}>Stop</Button>
          </>
        )}
        {state.status === 'failed' && (
          <p className="grave">{state.message} The block is as it was.</p>
        )}
        {state.status === 'found' && (
          <>
            <p>{state.answer.words}</p>
            {state.answer.asItIs.length > 0 && (
              <Table size="small" className={styles.bends}>
                <caption>Rules exceeded, and by how much</caption>
                <TableHead>
                  <TableRow>
                    <TableCell>as it is</TableCell>
                    <TableCell>nearest</TableCell>
                  </TableRow>
                </TableHead>
                <TableBody>
                  <TableRow>
                    <TableCell>{bendList(state.answer.asItIs, say)}</TableCell>
                    <TableCell>{bendList(state.answer.bends, say)}</TableCell>
                  </TableRow>
                </TableBody>
              </Table>
            )}
            {state.answer.command && (
              <div className={styles.acts}>
                <Button
                  variant="outlined"
                  onClick={() => {
                    if (state.answer.command) commands.run(state.answer.command);
                    setState({ status: 'idle' });
                  }}
                >
                  Apply
                </Button>
                <Button onClick={drop}>Discard</Button>
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
