import { Link } from 'react-router';

/** For an address that leads nowhere, and for a view that broke. */
export function NotHere({ broken = false }: { broken?: boolean }) {
  return (
    <main className="page">
      <h1 className="display">{broken ? 'This view broke' : 'There is nothing here'}</h1>
      <p>
        {broken
          ? 'What you changed is kept on this device and will be saved when you open the block again. Reload the page.'
          : 'The address is wrong, or what stood here was removed.'}{' '}
        <Link to="/" reloadDocument={broken}>
          Go to the squad
        </Link>
      </p>
    </main>
  );
}
