import { SquadLink } from '../components/SquadLink.js';
import * as wording from './wording.js';

/** For an address that leads nowhere. */
export function NotHere() {
  return (
    <main className="page">
      <h1 className="display">{wording.thereIsNothingHere}</h1>
      <p>
        {wording.theAddressIsWrong}
        <SquadLink />
      </p>
    </main>
  );
}
