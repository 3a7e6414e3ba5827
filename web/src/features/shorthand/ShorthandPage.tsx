import type { BlockFile } from '@nadir/contract';
import {
  type CivilDate,
  type LaidSession,
  formatDuration,
  formatPace,
  formatPercent,
  laySession,
  readSession,
  sessionPacesOf,
} from '@nadir/core';
import { useEffect, useId, useMemo, useState } from 'react';
import { errorSentence, useSquadQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { SessionBars } from '../../drawing/SessionBars.js';
import { ErrorNote } from '../../parts/ErrorNote.js';
import { TopStrip } from '../../parts/TopStrip.js';
import { dayInBlock, pacesView } from '../../parts/usePaces.js';
import { EXAMPLES } from './examples.js';

const WIDTH = 720;

/** A session written in plain words and numbers, broken down while it is typed. */
export function ShorthandPage() {
  const { today } = useSignedIn();
  const { data, error, refetch } = useSquadQuery();
  const [text, setText] = useState<string>(EXAMPLES[0]);
  const [chosen, setChosen] = useState('');
  const id = useId();
  useEffect(() => {
    document.title = 'Sessions · Nadir';
  }, []);
  const withBlock = (data?.athletes ?? []).filter(({ block }) => block !== null);
  const athlete = withBlock.find((each) => each.id === chosen) ?? withBlock[0];
  const file = athlete?.block?.wishes;
  return (
    <>
      <TopStrip title="Sessions" detail="Written in plain words and numbers." />
      <main className="page shorthand">
        {error && 'kind' in error && (
          <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
        )}
        <label htmlFor={`${id}-for`}>At the paces of</label>{' '}
        <select
          id={`${id}-for`}
          className="answer"
          value={athlete?.id ?? ''}
          onChange={({ target }) => setChosen(target.value)}
        >
          {withBlock.map((each) => (
            <option key={each.id} value={each.id}>
              {each.facts.name}
            </option>
          ))}
        </select>
        {data && !file && (
          <p>Nobody has a block yet: lay one out, and sessions are worked out at its paces.</p>
        )}
        {file && <Written file={file} today={today} text={text} onText={setText} />}
        <h2 className="display">How it is written</h2>
        <ul className="examples">
          {EXAMPLES.map((example) => (
            <li key={example}>
              <button type="button" className="tool" onClick={() => setText(example)}>
                {example}
              </button>
            </li>
          ))}
        </ul>
      </main>
    </>
  );
}

/** The text, what is wrong with it, and what it comes to at the paces of a block. */
function Written({
  file,
  today,
  text,
  onText,
}: {
  file: BlockFile;
  today: CivilDate;
  text: string;
  onText: (text: string) => void;
}) {
  const id = useId();
  const paces = useMemo(() => {
    const { wishes, rules } = pacesView(file, today);
    return sessionPacesOf(wishes, rules, dayInBlock(wishes, today));
  }, [file, today]);
  const read = readSession(text);
  const most = read.ok ? laySession(read.session, paces) : undefined;
  const least = read.ok ? laySession(read.session, paces, 'least') : undefined;
  const unknown = most?.unknown.map((name) => `“${name}”`).join(', ');
  const wrong = read.ok ? undefined : `At ${read.problem.message}`;
  return (
    <>
      <label htmlFor={`${id}-text`} className="visually-hidden">
        Session
      </label>
      <textarea
        id={`${id}-text`}
        className="answer"
        rows={3}
        spellCheck={false}
        value={text}
        aria-invalid={!read.ok}
        aria-describedby={`${id}-wrong`}
        onChange={({ target }) => onText(target.value)}
      />
      <p id={`${id}-wrong`} role={wrong ? 'alert' : undefined}>
        {wrong ?? (unknown ? `No pace is called ${unknown}: counted as easy.` : '')}
      </p>
      {most && least && (
        <>
          <SessionBars session={most} width={WIDTH} />
          <Totals least={least} most={most} />
          <Pieces session={most} />
        </>
      )}
    </>
  );
}

/** What a session comes to; a range of repetitions gives a range. */
function Totals({ least, most }: { least: LaidSession; most: LaidSession }) {
  const range = (of: (session: LaidSession) => string) =>
    of(least) === of(most) ? of(most) : `${of(least)}–${of(most)}`;
  const km = (metres: number) => (metres / 1000).toFixed(1);
  const rows = [
    ['in all', `${range(({ distance }) => km(distance))} km`],
    ['time', range(({ time }) => formatDuration(time))],
    ['hard', `${range(({ hardDistance }) => km(hardDistance))} km`],
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
function Pieces({ session: { stretches } }: { session: LaidSession }) {
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
              <td>{one.pace === undefined ? 'rest' : formatPace(one.pace, 'km')}</td>
              <td>{Math.round(one.distance)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
