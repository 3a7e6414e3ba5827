import { Link } from 'react-router';
import * as wording from './wording.js';

/** The way on from what is not there. */
export function SquadLink({ reloadDocument = false }: { reloadDocument?: boolean }) {
  return (
    <Link to="/" reloadDocument={reloadDocument}>
      {wording.goToTheSquad}
    </Link>
  );
}
