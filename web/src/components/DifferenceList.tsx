import type { Difference } from '@nadir/core/present';
import { token } from '../theme/tokens.js';

/** What is different between two versions, figure by figure. */
export function DifferenceList({
  differences,
  before,
  after,
}: {
  differences: readonly Difference[];
  before: string;
  after: string;
}) {
  if (differences.length === 0) {
    return <p style={{ color: token('muted'), fontSize: 13 }}>No figure differs.</p>;
  }
  return (
    <table className="differences">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">{before}</th>
          <th scope="col">{after}</th>
        </tr>
      </thead>
      <tbody>
        {differences.map((each) => (
          <tr key={each.name}>
            <th scope="row">{each.name}</th>
            <td>{each.before}</td>
            <td>{each.after}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
