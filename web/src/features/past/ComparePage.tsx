import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { AthleteAnswer, BlockAnswer } from '@nadir/contract';
import { type Measure, unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { alignWeeks, whatChanged } from '@nadir/core/present';
import { useEffect, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { errorSentence, useBlocksQuery, useSquadQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { Section } from '../../drawing/Section.js';
import styles from './Past.module.css';
import { athleteName } from './athlete-name.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { formatDay } from '../../components/dates.js';
import { DifferenceList } from '../../components/DifferenceList.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { useElementSize } from '../../components/useElementSize.js';
import { type LaidAndShown, laidOf, useMeasure, usePast } from '../../components/useLaidBlock.js';

/** Two blocks, of one athlete or two, laid over each other by weeks to go. */
export function ComparePage() {
  const [search, setSearch] = useSearchParams();
  const blocks = useBlocksQuery();
  const squad = useSquadQuery();
  useEffect(() => {
    document.title = 'Compare · Nadir';
  }, []);
  const all = blocks.data?.blocks ?? [];
  const athletes = squad.data?.athletes ?? [];
  const first = all.find(({ id }) => id === search.get('first')) ?? all[0];
  const second =
    all.find(({ id }) => id === search.get('second')) ?? all.find(({ id }) => id !== first?.id);
  const waits = blocks.isLoading || squad.isLoading;
  const error = blocks.error ?? squad.error;
  const choice = (label: string, key: 'first' | 'second', chosen: BlockAnswer) => (
    <span className="small">
      {label}{' '}
      <ChoiceAnswer
        label={label}
        value={chosen.id}
        choices={all.map((block) => [block.id, nameOf(block, athletes)] as const)}
        onAnswer={(id) =>
          setSearch({ first: first?.id ?? '', second: second?.id ?? '', [key]: id })
        }
      />
    </span>
  );
  return (
    <>
      <TitleBlock title="Compare" detail="Week for week, by weeks to go.">
        {first && choice('Drawn solid', 'first', first)}
        {second && choice('drawn dashed', 'second', second)}
      </TitleBlock>
      <main className="page">
        {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
        {!waits && first && second ? (
          <Comparison
            first={first}
            second={second}
            names={[nameOf(first, athletes), nameOf(second, athletes)]}
          />
        ) : (
          <p className="muted">
            {waits ? 'Opening the blocks …' : 'Two blocks are needed to compare.'}
          </p>
        )}
      </main>
    </>
  );
}

function Comparison({
  first,
  second,
  names,
}: {
  first: BlockAnswer;
  second: BlockAnswer;
  names: readonly [string, string];
}) {
  const { today } = useSignedIn();
  const past = usePast();
  const measure = useMeasure(first.wishes);
  const one = laidOf(first.wishes, past, measure);
  // Both in the first one's unit; what is counted by time is compared by its estimate.
  const two = laidOf(second.wishes, past, measure);
  const [ref, size] = useElementSize<HTMLDivElement>();
  const weeks = one.block.weeks.length;
  // Room at the left for the weeks that a longer second block has more.
  const longest = Math.max(weeks, two.block.weeks.length);
  const width = (size.width - LABELS) / longest;
  const columns = useMemo(
    () => ({ width: size.width, labels: LABELS + (longest - weeks) * width, weeks }),
    [size.width, longest, weeks, width],
  );
  const overlay = useMemo(() => ({ ...two, name: names[1] }), [two, names]);
  return (
    <div ref={ref}>
      {size.width > 0 && (
        <Section
          block={one.block}
          shown={one.shown}
          columns={columns}
          height={HEIGHT}
          today={today}
          overlay={overlay}
        />
      )}
      <WeekTable one={one} two={two} names={names} measure={measure} />
      <h2 className="display">What differs</h2>
      <DifferenceList
        differences={whatChanged(one.block, two.block, measure)}
        before={names[0]}
        after={names[1]}
      />
    </div>
  );
}

const HEIGHT = 380;
const LABELS = 92;

function WeekTable({
  one,
  two,
  names,
  measure,
}: {
  one: LaidAndShown;
  two: LaidAndShown;
  names: readonly [string, string];
  measure: Measure;
}) {
  const pairs = alignWeeks(one.block, two.block);
  const say = (of: LaidAndShown, number: number | undefined, field: 'volume' | 'longRun') => {
    const steps = number === undefined ? undefined : of.shown.weeks[number - 1]?.[field];
    return steps === undefined ? '' : formatSteps(steps, measure);
  };
  const unit = unitName(measure);
  const rows = [
    [`${names[0]}: volume, ${unit}`, one, 'first', 'volume'],
    [`${names[1]}: volume, ${unit}`, two, 'second', 'volume'],
    [`${names[0]}: long run, ${unit}`, one, 'first', 'longRun'],
    [`${names[1]}: long run, ${unit}`, two, 'second', 'longRun'],
  ] as const;
  return (
    <div className={styles.scroll}>
      <Table size="small" className={`figures ${styles.compare ?? ''}`}>
        <TableHead>
          <TableRow>
            <TableCell scope="col">To go</TableCell>
            {pairs.map(({ toGo }) => (
              <TableCell key={toGo} scope="col">
                {toGo}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(([label, of, which, field]) => (
            <TableRow key={`${which} ${field}`}>
              <TableCell component="th" scope="row">
                {label}
              </TableCell>
              {pairs.map((pair) => (
                <TableCell key={pair.toGo}>{say(of, pair[which]?.number, field)}</TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

function nameOf(block: BlockAnswer, athletes: readonly AthleteAnswer[]): string {
  const { wishes } = block;
  const day = wishes.race.date === undefined ? '' : `, ${formatDay(wishes.race.date)}`;
  return `${athleteName(block, athletes)}, ${wishes.race.name}${day}`;
}
