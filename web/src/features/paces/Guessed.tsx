import Tooltip from '@mui/material/Tooltip';

/** The mark of doubt beside what lies where the model is not known to hold. */
export function Guessed() {
  return (
    <>
      <Tooltip describeChild title="A guess: no result is near enough to tell.">
        <span aria-hidden="true"> ?</span>
      </Tooltip>
      <span className="visually-hidden">, a guess: no result is near enough to tell</span>
    </>
  );
}
