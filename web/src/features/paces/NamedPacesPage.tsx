import {
  DndContext,
  type DragEndEvent,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import Table from '@mui/material/Table';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { useEffect } from 'react';
import { useSignedIn } from '../../api/session.js';
import { errorSentence } from '../../api/call-error.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { NamedPaceRow } from './NamedPaceRow.js';
import { useNamedPaces } from './useNamedPaces.js';
import styles from './Paces.module.css';
import * as wording from './wording.js';

const placeOf = (held: Pick<DragEndEvent['active'], 'data'> | null): number | undefined => {
  const place: unknown = held?.data.current?.place;
  return typeof place === 'number' ? place : undefined;
};

/** The coach’s own table of paces: named, ordered, and where each comes from. */
export function NamedPacesPage() {
  const editor = useNamedPaces();
  const { coach } = useSignedIn();
  const unit = coach.settings.unit === 'mi' ? 'mi' : 'km';
  const each = unit === 'mi' ? 's/mile' : 's/km';
  const { table, problems, state } = editor;
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 150, tolerance: 8 } }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    const [from, to] = [placeOf(active), placeOf(over)];
    if (from !== undefined && to !== undefined && from !== to) editor.move(from, to - from);
  };
  useEffect(() => {
    document.title = wording.namedPacesNadir;
  }, []);
  const words =
    problems.length > 0 ? wording.notSavedYet : state === 'saving' ? wording.saving : wording.saved;
  return (
    <>
      <TitleBlock title={wording.namedPaces} detail={wording.slowestFirst}>
        <span role="status" className="small muted">
          {typeof state === 'string' ? words : wording.notSaved}
        </span>
        <Button variant="outlined" onClick={editor.add}>
          {wording.addAPace}
        </Button>
        <Button onClick={editor.reset}>{wording.backToTheStandardTable}</Button>
      </TitleBlock>
      <main className="page">
        {typeof state !== 'string' && <ErrorNote>{errorSentence(state)}</ErrorNote>}
        <p className="small muted">
          {wording.secondsPerAgainstTheRacesPace(unit === 'mi' ? 'mile' : 'km')}
        </p>
        <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
          <Table size="small" className={styles.named}>
            <TableHead>
              <TableRow>
                <TableCell scope="col">{wording.name}</TableCell>
                <TableCell scope="col">{wording.racePace}</TableCell>
                <TableCell scope="col">{wording.quick(each)}</TableCell>
                <TableCell scope="col">{wording.slow(each)}</TableCell>
                <TableCell scope="col">{wording.heartRate3}</TableCell>
                <TableCell scope="col">{wording.from}</TableCell>
                <TableCell scope="col">{wording.to}</TableCell>
                <TableCell scope="col">
                  <span className="visually-hidden">{wording.order}</span>
                </TableCell>
              </TableRow>
            </TableHead>
            {table.map((pace, index) => (
              <NamedPaceRow
                key={pace.id}
                pace={pace}
                unit={unit}
                place={index}
                last={index === table.length - 1}
                problem={problems.find(({ path }) => path[0] === index)?.message}
                onChange={(part) => editor.set(index, part)}
                onMove={(by) => editor.move(index, by)}
                onRemove={() => editor.remove(index)}
              />
            ))}
          </Table>
        </DndContext>
      </main>
    </>
  );
}
