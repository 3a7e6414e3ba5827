import type { Glances } from '@nadir/contract';
import { Link } from 'react-router';
import { Fold } from '../../components/Fold.js';
import * as wording from './wording.js';

/** Athletes who are kept aside, each the way to the record that brings them back. */
export function Archived({ athletes }: { athletes: Glances['archived'] }) {
  return (
    <Fold title={wording.archivedAthletes(athletes.length)}>
      <ul className="plain-list">
        {athletes.map(({ id, name }) => (
          <li key={id}>
            <Link to={`/athletes/${id}`}>{name}</Link>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
