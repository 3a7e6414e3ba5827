import type { Unit } from '@nadir/core/base';
import { formatDuration, formatTenthsOf } from '@nadir/core/base/format';
import { laySession, readSession, type SessionPaces, showSession } from '@nadir/core/sessions';

interface Runner {
  id: string;
  name: string;
  paces: SessionPaces;
}

/** What one session is for each of a group, and the range from the least to the most. */
export function GroupRange({
  text,
  runners,
  unit,
}: {
  text: string;
  runners: readonly Runner[];
  unit: Unit;
}) {
  const read = readSession(text);
  if (!read.ok) return null;
  const rows = runners.map(({ id, name, paces }) => ({
    id,
    name,
    laid: showSession(laySession(read.session, paces)),
  }));
  const range = (of: (row: (typeof rows)[number]) => number, words: (value: number) => string) => {
    const all = rows.map(of);
    const [least, most] = [words(Math.min(...all)), words(Math.max(...all))];
    return least === most ? most : `${least}–${most}`;
  };
  const say = (metres: number) => formatTenthsOf(metres, unit);
  return (
    <table className="sheet-table pieces">
      <thead>
        <tr>
          <th scope="col">athlete</th>
          <th scope="col">{unit}</th>
          <th scope="col">time</th>
          <th scope="col">hard {unit}</th>
          <th scope="col">hard time</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ id, name, laid }) => (
          <tr key={id}>
            <th scope="row">{name}</th>
            <td>{say(laid.distance)}</td>
            <td>{formatDuration(laid.time)}</td>
            <td>{say(laid.hardDistance)}</td>
            <td>{formatDuration(laid.hardTime)}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">the group</th>
          <td>{range(({ laid }) => laid.distance, say)}</td>
          <td>{range(({ laid }) => laid.time, formatDuration)}</td>
          <td>{range(({ laid }) => laid.hardDistance, say)}</td>
          <td>{range(({ laid }) => laid.hardTime, formatDuration)}</td>
        </tr>
      </tbody>
    </table>
  );
}
