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
import * as wording from './wording.js';

const TASKS: readonly (readonly [FitRequest['task'], string, string])[] = [
  ['lowest-growth', wording.lowestGrowth, wording.thatReachesThisPeak],
  ['highest-peak', wording.highestPeak, wording.underThisCap],
  ['fewest-weeks', wording.fewestWeeks, wording.thatReachThisPeakUnderThisCap],
  ['place-recovery', wording.recoveryWeeks, wording.bestPlacedAroundRacesAndDaysAway],
];

const RULES: Readonly<Record<BendingRule, string>> = {
  growth: wording.growthCap,
  recovery: 'recovery',
  peak: 'peak',
  longRun: wording.longRunWithin,
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
    return <p>{wording.thisBrowserHasNoWorkerThreads}</p>;
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
      const message = error instanceof Error ? error.message : wording.theSolverGaveNoAnswer;
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
    <section aria-label={wording.solver}>
      <h2 className="display">{wording.solver}</h2>
      <p className="muted">{wording.whereFixedFigures}</p>
      <Button variant="outlined" disabled={busy} onClick={() => void ask('nearest-block')}>
        {wording.nearestBlock}
      </Button>
      <h3 className={styles.solve}>{wording.solveFor}</h3>
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
            <LinearProgress aria-label={wording.solving} />
            <Button onClick={drop}>{wording.stop}</Button>
          </>
        )}
        {state.status === 'failed' && <p className="grave">{wording.theBlock(state.message)}</p>}
        {state.status === 'found' && (
          <>
            <p>{state.answer.words}</p>
            {state.answer.asItIs.length > 0 && (
              <Table size="small" className={styles.bends}>
                <caption>{wording.rulesExceeded}</caption>
                <TableHead>
                  <TableRow>
                    <TableCell>{wording.asItIs}</TableCell>
                    <TableCell>{wording.nearest}</TableCell>
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
                  {wording.apply}
                </Button>
                <Button onClick={drop}>{wording.discard}</Button>
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
        <li key={`${rule} ${week} ${by}`}>{wording.weekWithin(week, RULES[rule], say(by))}</li>
      ))}
    </ul>
  );
}
