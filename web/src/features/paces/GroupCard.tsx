import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { type BlockFile, type Squad, blockHeading } from '@nadir/contract';
import { addDays } from '@nadir/core/base';
import { formatLap } from '@nadir/core/base/format';
import { defaultPaces, middleOf, type PaceRange } from '@nadir/core/paces';
import type { NamedPace } from '@nadir/core/spec/choices';
import { type CSSProperties, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useSquadQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useCoaching } from '../../api/coaching.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { formatDay } from '../../components/dates.js';
import { type GroupChoices, readGroupChoices, writeGroupChoices } from './group-choices.js';
import { paceColumns, rangeText } from './pace-text.js';
import styles from './Paces.module.css';
import { GroupPdf } from './GroupPdf.js';
import { PrintPage } from './PrintPage.js';
import { dayInBlock, pacesView } from '../../components/usePaces.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import * as wording from './wording.js';

/** A whole group on one sheet: a row an athlete, columns of chosen paces or of splits of repetitions. */
export function GroupCardPage() {
  const { today, coach } = useSignedIn();
  const { paces } = useCoaching();
  const { data, error, refetch } = useSquadQuery();
  const [search, setSearch] = useSearchParams();
  const choices = readGroupChoices(search);
  const set = (part: Partial<GroupChoices>) =>
    setSearch(writeGroupChoices({ ...choices, ...part }), { replace: true });
  const table = paces ?? defaultPaces;
  const rows = useMemo(() => rowsOf(data, today), [data, today]);
  const columns = columnsOf(choices, table);
  const at = table.find(({ id }) => id === choices.at);
  const [problem, setProblem] = useState<string>();
  const what =
    choices.reps.length > 0 && at
      ? wording.splitsOfRepetitionsAtPace(at.name.toLowerCase())
      : wording.perKmPerMileFor;
  const card = {
    title: wording.pacesOfTheGroup(coach.name),
    lines: [`${formatDay(today)} · ${what}`],
    head: [wording.athlete, ...columns.map(({ title }) => title)],
    rows: rows.map(({ name, unit, rangeOf }) => [
      name,
      ...columns.map(({ pace, text }) => text(rangeOf(pace), unit)),
    ]),
    foot: '',
  };
  return (
    <PrintPage
      title={wording.paceCardOfTheGroup}
      detail={wording.asItIsPrinted}
      acts={<GroupPdf card={card} onProblem={setProblem} />}
      choices={
        <>
          {error && 'kind' in error && (
            <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
          )}
          {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
          <Choices table={table} choices={choices} onChange={set} />
        </>
      }
    >
      <h2 className="display">{card.title}</h2>
      <p>{card.lines[0]}</p>
      <Table
        size="small"
        className={`figures ${styles.card ?? ''}`}
        style={
          {
            '--print-size': `${Math.min(13, (13 * ROWS_OF_A_PAGE) / rows.length)}px`,
          } as CSSProperties
        }
      >
        <TableHead>
          <TableRow>
            <TableCell scope="col">{wording.athlete}</TableCell>
            {columns.map(({ key, title }) => (
              <TableCell key={key} scope="col">
                {title}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(({ id, name, blockId, unit, rangeOf }) => (
            <TableRow key={id}>
              <TableCell component="th" scope="row">
                {blockId ? <Link to={`/blocks/${blockId}/paces`}>{name}</Link> : name}
              </TableCell>
              {columns.map(({ key, pace, text }) => (
                <TableCell key={key}>{text(rangeOf(pace), unit)}</TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </PrintPage>
  );
}

/** More rows than this are printed smaller, so that a group stays on one page. */
const ROWS_OF_A_PAGE = 22;

interface Row {
  id: string;
  name: string;
  blockId: string | undefined;
  unit: 'km' | 'mi';
  rangeOf: (pace: NamedPace) => PaceRange | undefined;
}

function rowsOf(squad: Squad | undefined, today: string): Row[] {
  return (squad?.athletes ?? []).map(({ id, facts, block }) => {
    const file: BlockFile = block?.wishes ?? {
      ...blockHeading,
      athlete: facts,
      // Without a block there is no goal; the results alone give the paces.
      race: { name: wording.goalRace, date: addDays(today, 84), distance: 10_000 },
    };
    const { spec } = pacesView(file, today);
    const { paces } = pacesView(file, dayInBlock(spec, today));
    return {
      id,
      name: facts.name,
      blockId: block?.id,
      unit: spec.athlete.unit,
      rangeOf: ({ id: paceId }) => paces.rows.find(({ pace }) => pace.id === paceId)?.used,
    };
  });
}

interface Column {
  key: string;
  title: string;
  pace: NamedPace;
  text: (range: PaceRange | undefined, unit: 'km' | 'mi') => string;
}

function columnsOf({ paces, reps, at }: GroupChoices, table: readonly NamedPace[]): Column[] {
  const pace = table.find(({ id }) => id === at);
  if (reps.length > 0 && pace) {
    return reps.map((metres) => ({
      key: String(metres),
      title: `${metres} m`,
      pace,
      text: (range) => (range ? formatLap(middleOf(range), metres) : '–'),
    }));
  }
  return table
    .filter(({ id }) => paces.includes(id))
    .map((each) => ({
      key: each.id,
      title: each.name,
      pace: each,
      text: (range, unit) => {
        const [, , text] = unit === 'mi' ? paceColumns[1] : paceColumns[0];
        return `${rangeText(range, text)}${range && unit === 'mi' ? ' /mi' : ''}`;
      },
    }));
}

function Choices({
  table,
  choices,
  onChange,
}: {
  table: readonly NamedPace[];
  choices: GroupChoices;
  onChange: (part: Partial<GroupChoices>) => void;
}) {
  const [bad, setBad] = useState(false);
  return (
    <div>
      <ToggleButtonGroup
        aria-label={wording.paces}
        className={styles.wrap}
        value={[...choices.paces]}
        onChange={(_, paces: string[]) => onChange({ paces })}
      >
        {table.map((pace) => (
          <ToggleButton key={pace.id} value={pace.id}>
            {pace.name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <div className={styles.choices}>
        <span>{wording.orSplitsOfRepetitionsOver}</span>
        <TextAnswer
          label={wording.metresOfRepetitions}
          width={170}
          unit="m"
          placeholder="200, 400, 1000"
          value={choices.reps.join(', ')}
          given
          wrong={bad}
          onAnswer={(text) => {
            const metres = text
              .split(/[,; ]+/)
              .filter(Boolean)
              .map(Number);
            const fits = metres.length <= 8 && metres.every((each) => each >= 50 && each <= 42_195);
            setBad(!fits);
            if (fits) onChange({ reps: metres });
          }}
        />
        <span>{wording.at}</span>
        <ChoiceAnswer
          label={wording.paceOfRepetitions}
          value={choices.at}
          choices={table.map((pace) => [pace.id, pace.name] as const)}
          onAnswer={(at) => onChange({ at })}
        />
        {bad && (
          <span role="alert" className="grave">
            {wording.upToEightDistancesOf50}
          </span>
        )}
      </div>
    </div>
  );
}
