import Button from '@mui/material/Button';
import { metresPer, type Unit } from '@nadir/core/base';
import { type HeartScale, heartScales, type NamedPace } from '@nadir/core/spec/choices';
import { useId } from 'react';
import { token } from '../../theme/tokens.js';

/** What a pace may come from: races, and races of a duration. */
const BASES: readonly (readonly [string, string, NamedPace['base']])[] = [
  ['race 800', '800 m', { race: 800 }],
  ['race 1500', '1500 m', { race: 1500 }],
  ['race 1609.344', 'mile', { race: 1609.344 }],
  ['race 3000', '3000 m', { race: 3000 }],
  ['race 5000', '5 km', { race: 5000 }],
  ['race 10000', '10 km', { race: 10_000 }],
  ['race 21097.5', 'half marathon', { race: 21_097.5 }],
  ['race 42195', 'marathon', { race: 42_195 }],
  ['lasts 600', 'ten-minute race', { lasts: 600 }],
  ['lasts 1800', 'half-hour race', { lasts: 1800 }],
  ['lasts 3600', 'one-hour race', { lasts: 3600 }],
  ['lasts 7200', 'two-hour race', { lasts: 7200 }],
];

const SCALES: Readonly<Record<HeartScale, string>> = {
  maximum: '% of highest',
  reserve: '% of reserve',
  beats: 'beats',
};

/** One named pace, edited in place; what is wrong with it is said under its name. */
export function NamedPaceRow({
  pace,
  unit,
  first,
  last,
  problem,
  onChange,
  onMove,
  onRemove,
}: {
  pace: NamedPace;
  /** The coach's own: offsets are typed in seconds for each of it. */
  unit: Unit;
  first: boolean;
  last: boolean;
  problem: string | undefined;
  onChange: (part: Partial<NamedPace>) => void;
  onMove: (by: 1 | -1) => void;
  onRemove: () => void;
}) {
  const id = useId();
  const { name, base, offset, heart } = pace;
  const [quick, slow] = offset;
  const perUnit = unit === 'mi' ? 's/mile' : 's/km';
  const units = metresPer(unit) / 1000;
  const typed = (perKm: number) => Number((perKm * units).toFixed(1));
  const kept = (perEach: number) => Number((perEach / units).toPrecision(12));
  const key = 'race' in base ? `race ${base.race}` : `lasts ${base.lasts}`;
  const known = BASES.some(([each]) => each === key);
  const share = heart && heart.of !== 'beats' ? 100 : 1;
  const label = (what: string) => `${name}, ${what}`;
  const number = (what: string, value: number | undefined, set: (value: number) => void) => (
    <input
      className="answer"
      type="number"
      style={{ width: 58 }}
      aria-label={label(what)}
      defaultValue={value}
      onChange={({ target }) => {
        if (Number.isFinite(target.valueAsNumber)) set(target.valueAsNumber);
      }}
    />
  );
  const text = (what: 'effort' | 'talk') => (
    <input
      className="answer"
      style={{ width: '100%', textAlign: 'left' }}
      aria-label={label(what === 'effort' ? 'feels like' : 'talk')}
      maxLength={120}
      value={pace[what] ?? ''}
      onChange={({ target }) => onChange({ [what]: target.value || undefined })}
    />
  );
  return (
    <tr>
      <th scope="row">
        <input
          className="answer"
          style={{ width: 160, textAlign: 'left' }}
          aria-label={`Name of ${name}`}
          aria-invalid={problem !== undefined}
          aria-describedby={`${id}-wrong`}
          maxLength={40}
          value={name}
          onChange={({ target }) => onChange({ name: target.value })}
        />
        <div
          id={`${id}-wrong`}
          role={problem ? 'alert' : undefined}
          style={{ color: token('signal') }}
        >
          {problem}
        </div>
      </th>
      <td>
        <select
          className="answer"
          aria-label={label('from')}
          value={key}
          onChange={({ target }) => {
            const chosen = BASES.find(([each]) => each === target.value);
            if (chosen) onChange({ base: chosen[2] });
          }}
        >
          {!known && <option value={key}>{key}</option>}
          {BASES.map(([each, words]) => (
            <option key={each} value={each}>
              {words}
            </option>
          ))}
        </select>
      </td>
      <td>
        {number(`quick end, ${perUnit}`, typed(quick), (value) =>
          onChange({ offset: [kept(value), slow] }),
        )}
      </td>
      <td>
        {number(`slow end, ${perUnit}`, typed(slow), (value) =>
          onChange({ offset: [quick, kept(value)] }),
        )}
      </td>
      <td>
        <select
          className="answer"
          aria-label={label('heart rate')}
          value={heart?.of ?? ''}
          onChange={({ target }) => {
            const of = heartScales.find((each) => each === target.value);
            onChange({
              heart:
                of && (of === 'beats' ? { of, from: 120, to: 140 } : { of, from: 0.7, to: 0.8 }),
            });
          }}
        >
          <option value="">none</option>
          {heartScales.map((each) => (
            <option key={each} value={each}>
              {SCALES[each]}
            </option>
          ))}
        </select>
      </td>
      {(['from', 'to'] as const).map((end) => (
        <td key={`${end} ${heart?.of ?? ''}`}>
          {heart &&
            number(`heart rate ${end}`, Math.round(heart[end] * share), (value) =>
              onChange({ heart: { ...heart, [end]: value / share } }),
            )}
        </td>
      ))}
      <td className="words">{text('effort')}</td>
      <td className="words">{text('talk')}</td>
      <td style={{ whiteSpace: 'nowrap' }}>
        <Button
          variant="outlined"
          disabled={first}
          aria-label={`Move ${name} up`}
          onClick={() => onMove(-1)}
        >
          ↑
        </Button>{' '}
        <Button
          variant="outlined"
          disabled={last}
          aria-label={`Move ${name} down`}
          onClick={() => onMove(1)}
        >
          ↓
        </Button>{' '}
        <Button variant="outlined" aria-label={`Remove ${name}`} onClick={onRemove}>
          Remove
        </Button>
      </td>
    </tr>
  );
}
