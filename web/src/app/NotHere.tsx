import { Link } from 'react-router';

/** For an address that leads nowhere. */
export function NotHere() {
  return (
    <main className="page">
      <h1 className="display">There is nothing here</h1>
      <p>
        The address is wrong, or what stood here was removed. <Link to="/">Go to the squad</Link>
      </p>
    </main>
  );
}
