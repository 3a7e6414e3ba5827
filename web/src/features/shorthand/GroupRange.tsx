import { formatDuration } from '@nadir/core/base/format';
import { laySession, readSession, type SessionPaces, showSession } from '@nadir/core/sessions';

interface Runner {
  id: string;
  name: string;
  paces: SessionPaces;
}

/** What one session is for each of a group, and the range from the least to the most. */
export function GroupRange({ text, runners }: { text: string; runners: readonly Runner[] }) {
  const read = readSession(text);
  if (!read.ok) return null;
  const rows = runners.map(({ id, name, paces }) => ({
    id,
    name,
    laid: showSession(laySession(read.session, paces)),
  }));
  const range = (of: (row: (typeof rows)[number]) => number, say: (value: number) => string) => {
    const all = rows.map(of);
    const [least, most] = [say(Math.min(...all)), say(Math.max(...all))];
    return least === most ? most : `${least}–${most}`;
  };
  const km = (metres: number) => (metres / 1000).toFixed(1);
  return (
    <table className="sheet-table pieces">
      <thead>
        <tr>
          <th scope="col">athlete</th>
          <th scope="col">km</th>
          <th scope="col">time</th>
          <th scope="col">hard km</th>
          <th scope="col">hard time</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ id, name, laid }) => (
          <tr key={id}>
            <th scope="row">{name}</th>
            <td>{km(laid.distance)}</td>
            <td>{formatDuration(laid.time)}</td>
            <td>{km(laid.hardDistance)}</td>
            <td>{formatDuration(laid.hardTime)}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">the group</th>
          <td>{range(({ laid }) => laid.distance, km)}</td>
          <td>{range(({ laid }) => laid.time, formatDuration)}</td>
          <td>{range(({ laid }) => laid.hardDistance, km)}</td>
          <td>{range(({ laid }) => laid.hardTime, formatDuration)}</td>
        </tr>
      </tbody>
    </table>
  );
}
