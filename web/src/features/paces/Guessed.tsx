import Tooltip from '@mui/material/Tooltip';
import * as wording from './wording.js';

/** The mark of doubt beside what lies where the model is not known to hold. */
export function Guessed() {
  return (
    <>
      <Tooltip describeChild title={wording.aGuess}>
        <span aria-hidden="true"> ?</span>
      </Tooltip>
      <span className="visually-hidden">{wording.aGuessNoResultIsNear}</span>
    </>
  );
}
