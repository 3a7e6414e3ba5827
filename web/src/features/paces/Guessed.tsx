/** The mark of doubt beside what lies where the model is not known to hold. */
export function Guessed() {
  return (
    <>
      <span aria-hidden="true" title="A guess: beyond where this model is known to hold.">
        {' '}
        ?
      </span>
      <span className="visually-hidden">, a guess: beyond where this model holds</span>
    </>
  );
}
