import Button from '@mui/material/Button';
import { useEffect } from 'react';
import { useSignedIn } from '../../api/session.js';
import { errorSentence } from '../../api/api.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { NamedPaceRow } from './NamedPaceRow.js';
import { useNamedPaces } from './useNamedPaces.js';

/** The coach’s own table of paces: named, ordered, and where each comes from. */
export function NamedPacesPage() {
  const editor = useNamedPaces();
  const { coach } = useSignedIn();
  const unit = coach.settings.unit === 'mi' ? 'mi' : 'km';
  const each = unit === 'mi' ? 's/mile' : 's/km';
  const { table, problems, state } = editor;
  useEffect(() => {
    document.title = 'Named paces · Nadir';
  }, []);
  const words = problems.length > 0 ? 'not saved yet' : state === 'saving' ? 'saving …' : 'saved';
  return (
    <>
      <TitleBlock
        title="Named paces"
        detail="Slowest first; each from a race, and seconds beside it."
      >
        <span role="status" style={{ fontSize: 13 }}>
          {typeof state === 'string' ? words : 'not saved'}
        </span>
        <Button onClick={editor.add}>add a pace</Button>
        <Button onClick={editor.reset}>product’s own</Button>
      </TitleBlock>
      <main className="page">
        {typeof state !== 'string' && <ErrorNote>{errorSentence(state)}</ErrorNote>}
        <p style={{ maxWidth: 760, fontSize: 13, margin: '0 0 8px' }}>
          Seconds per {unit === 'mi' ? 'mile' : 'km'} against the race’s pace: positive is slower,
          the quick end first. A block keeps the paces it has until you take these over on its Paces
          page; a pace that is renamed stays the same pace.
        </p>
        <table className="named-paces">
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">From</th>
              <th scope="col">quick, {each}</th>
              <th scope="col">slow, {each}</th>
              <th scope="col">Heart rate</th>
              <th scope="col">from</th>
              <th scope="col">to</th>
              <th scope="col">Feels like</th>
              <th scope="col">Talk</th>
              <th scope="col">
                <span className="visually-hidden">Order</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {table.map((pace, index) => (
              <NamedPaceRow
                key={pace.id}
                pace={pace}
                unit={unit}
                first={index === 0}
                last={index === table.length - 1}
                problem={problems.find(({ path }) => path[0] === index)?.message}
                onChange={(part) => editor.set(index, part)}
                onMove={(by) => editor.move(index, by)}
                onRemove={() => editor.remove(index)}
              />
            ))}
          </tbody>
        </table>
      </main>
    </>
  );
}
