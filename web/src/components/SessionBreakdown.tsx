import type { Unit } from '@nadir/core/base';
import { formatDuration, formatPace, formatPercent, formatTenthsOf } from '@nadir/core/base/format';
import {
  type LaidSession,
  laySession,
  readSession,
  type SessionPaces,
  showSession,
} from '@nadir/core/sessions';
import { useMemo } from 'react';
import { SessionBars } from '../drawing/SessionBars.js';

/** What a session is in its stretches: drawn to scale, its totals, and each piece. */
export function SessionBreakdown({
  text,
  paces,
  unit,
  width,
}: {
  text: string;
  paces: SessionPaces;
  unit: Unit;
  /** Pixels. */
  width: number;
}) {
  const laid = useMemo(() => {
    const read = readSession(text);
    if (!read.ok) return undefined;
    const [least, most] = (['least', 'most'] as const).map((take) =>
      showSession(laySession(read.session, paces, take)),
    );
    return least && most && { least, most };
  }, [text, paces]);
  if (!laid) return null;
  return (
    <>
      <SessionBars session={laid.most} width={width} />
      <Totals least={laid.least} most={laid.most} unit={unit} />
      <Pieces session={laid.most} unit={unit} />
    </>
  );
}

/** What a session comes to; a range of repetitions gives a range. */
function Totals({ least, most, unit }: { least: LaidSession; most: LaidSession; unit: Unit }) {
  const range = (of: (session: LaidSession) => string) =>
    of(least) === of(most) ? of(most) : `${of(least)}–${of(most)}`;
  const say = (metres: number) => formatTenthsOf(metres, unit);
  const rows = [
    ['in all', `${range(({ distance }) => say(distance))} ${unit}`],
    ['time', range(({ time }) => formatDuration(time))],
    ['hard', `${range(({ hardDistance }) => say(hardDistance))} ${unit}`],
    ['hard time', range(({ hardTime }) => formatDuration(hardTime))],
    [
      'hard share',
      range(({ distance, hardDistance }) =>
        formatPercent(distance > 0 ? hardDistance / distance : 0),
      ),
    ],
  ] as const;
  return (
    <dl className="session-totals" aria-live="polite">
      {rows.map(([name, figure]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Each kind of piece once, with how often it comes and what it takes. */
function Pieces({ session: { stretches }, unit }: { session: LaidSession; unit: Unit }) {
  const kinds = [...new Set(stretches.map(({ words }) => words))];
  return (
    <table className="sheet-table pieces">
      <thead>
        <tr>
          <th scope="col">piece</th>
          <th scope="col">times</th>
          <th scope="col">each</th>
          <th scope="col">pace</th>
          <th scope="col">metres</th>
        </tr>
      </thead>
      <tbody>
        {kinds.map((words) => {
          const alike = stretches.filter((each) => each.words === words);
          const [one] = alike;
          if (!one) return null;
          return (
            <tr key={words}>
              <th scope="row">{words}</th>
              <td>{alike.length}</td>
              <td>{formatDuration(one.time)}</td>
              <td>{one.pace === undefined ? 'rest' : formatPace(one.pace, unit)}</td>
              <td>{Math.round(one.distance)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
