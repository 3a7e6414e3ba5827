import Button from '@mui/material/Button';
import type { OwnPhase } from '@nadir/core/spec';
import { phaseKinds } from '@nadir/core/spec/choices';
import { token } from '../../theme/tokens.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';

/** Most phases a block may have. */
const MOST = 12;

/** The coach’s own phases: named, ordered, sized. Their weeks are scaled to the block. */
export function OwnPhases({
  own,
  onAnswer,
}: {
  own: readonly OwnPhase[];
  onAnswer: (own: OwnPhase[]) => void;
}) {
  const set = (index: number, part: Partial<OwnPhase>) =>
    onAnswer(own.map((phase, place) => (place === index ? { ...phase, ...part } : phase)));
  const move = (index: number, by: number) => {
    const moved = [...own];
    const [phase] = moved.splice(index, 1);
    if (phase) moved.splice(index + by, 0, phase);
    onAnswer(moved);
  };
  return (
    <div role="group" aria-label="My own phases" className="own-phases">
      {own.map((phase, index) => {
        const number = index + 1;
        return (
          // The place is what a phase is known by: two may have the same name.
          <div key={index}>
            <input
              className="answer"
              aria-label={`Name of phase ${number}`}
              value={phase.name}
              maxLength={120}
              onChange={({ target }) => set(index, { name: target.value || 'Phase' })}
            />
            <ChoiceAnswer
              label={`Kind of phase ${number}`}
              value={phase.kind}
              choices={phaseKinds.map((kind) => [kind, kind.replaceAll('-', ' ')] as const)}
              onAnswer={(kind) => set(index, { kind })}
            />
            <input
              className="answer"
              type="number"
              min={1}
              max={30}
              aria-label={`Weeks of phase ${number}`}
              value={phase.weeks}
              onChange={({ target }) =>
                target.validity.valid &&
                target.value !== '' &&
                set(index, { weeks: target.valueAsNumber })
              }
            />
            <label title="Its last week is a recovery week">
              <input
                type="checkbox"
                checked={phase.closes === true}
                onChange={({ target }) => set(index, { closes: target.checked })}
              />{' '}
              closes
            </label>
            <Button
              variant="outlined"
              disabled={index === 0}
              aria-label={`Phase ${number} earlier`}
              onClick={() => move(index, -1)}
            >
              ↑
            </Button>
            <Button
              variant="outlined"
              disabled={own.length === 1}
              aria-label={`Remove phase ${number}`}
              onClick={() => onAnswer(own.filter((_, place) => place !== index))}
            >
              ×
            </Button>
          </div>
        );
      })}
      <Button
        variant="outlined"
        disabled={own.length >= MOST}
        onClick={() => onAnswer([...own, { kind: 'specific', name: 'Phase', weeks: 2 }])}
      >
        Add a phase
      </Button>
      <span style={{ color: token('muted'), fontSize: 12.5 }}>
        {' '}
        {own.reduce((total, { weeks }) => total + weeks, 0)} weeks, scaled to the block.
      </span>
    </div>
  );
}
