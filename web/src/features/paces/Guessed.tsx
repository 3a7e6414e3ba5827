/** The mark of doubt beside what lies where the model is not known to hold. */
export function Guessed() {
  return (
    <>
      <span aria-hidden="true" title="A guess: no result is near enough to tell.">
        {' '}
        ?
      </span>
      <span className="visually-hidden">, a guess: no result is near enough to tell</span>
    </>
  );
}
