import { checks } from '@nadir/core/checks';
import { token } from '../../theme/tokens.js';
import { LevelMark } from '../../components/LevelMark.js';
import { type FlagCount, flagWords } from './flag-counts.js';

/** Which checks are made. What could hurt someone is always looked at. */
export function ChecksSwitches({
  off,
  counts,
  onTurn,
}: {
  off: readonly string[];
  counts: ReadonlyMap<string, FlagCount>;
  onTurn: (check: string, on: boolean) => void;
}) {
  return (
    <section aria-label="Checks">
      <h2 className="display">Checks</h2>
      <p style={{ color: token('muted') }}>
        A check that is turned off is not made on blocks laid out from now on. Those at level stop
        always are: what could hurt someone is said.
      </p>
      <ul className="switches">
        {checks.map(({ code, level }) => {
          const always = level === 'stop';
          return (
            <li key={code}>
              <label>
                <input
                  type="checkbox"
                  checked={always || !off.includes(code)}
                  disabled={always}
                  onChange={({ target }) => onTurn(code, target.checked)}
                />
                <LevelMark level={level} /> {code.replaceAll('-', ' ')}
                <span style={{ color: token('muted') }}>
                  {' '}
                  · {level}
                  {always ? ', always on' : ''}
                  {off.includes(code) && !always ? '' : `, ${flagWords(counts, [code])}`}
                </span>
              </label>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
