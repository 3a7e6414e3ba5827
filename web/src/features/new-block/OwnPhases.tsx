import Button from '@mui/material/Button';
import type { OwnPhase } from '@nadir/core/spec';
import { phaseKinds } from '@nadir/core/spec/choices';
import { RemoveIcon, UpIcon } from '../../theme/icons.js';
import { IconAct } from '../../components/IconAct.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { Tick } from '../../components/Tick.js';
import styles from './Ask.module.css';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { PhaseWeeks } from './PhaseWeeks.js';
import * as wording from './wording.js';

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
    <div role="group" aria-label={wording.myOwnPhases} className={styles.phases}>
      {own.map((phase, index) => {
        const number = index + 1;
        return (
          // The place is what a phase is known by: two may have the same name.
          <div key={index} className={styles.phase}>
            <TextAnswer
              label={wording.nameOfPhase(number)}
              width={120}
              value={phase.name}
              given
              longest={120}
              onAnswer={(name) => set(index, { name: name || wording.phase })}
            />
            <ChoiceAnswer
              label={wording.kindOfPhase(number)}
              width={130}
              value={phase.kind}
              choices={phaseKinds.map((kind) => [kind, kind.replaceAll('-', ' ')] as const)}
              onAnswer={(kind) => set(index, { kind })}
            />
            <PhaseWeeks
              label={wording.weeksOfPhase(number)}
              weeks={phase.weeks}
              onAnswer={(weeks) => set(index, { weeks })}
            />
            <Tick
              label={wording.endsInRecovery}
              name={`Phase ${number} ends in a recovery week`}
              checked={phase.closes === true}
              onAnswer={(closes) => set(index, { closes })}
            />
            <IconAct
              label={wording.phaseEarlier(number)}
              icon={UpIcon}
              disabled={index === 0}
              onClick={() => move(index, -1)}
            />
            <IconAct
              label={wording.removePhase(number)}
              icon={RemoveIcon}
              disabled={own.length === 1}
              onClick={() => onAnswer(own.filter((_, place) => place !== index))}
            />
          </div>
        );
      })}
      <Button
        variant="outlined"
        disabled={own.length >= MOST}
        onClick={() => onAnswer([...own, { kind: 'specific', name: wording.phase, weeks: 2 }])}
      >
        {wording.addAPhase}
      </Button>
      <span className="small muted">
        {wording.weeksScaledToTheBlock(own.reduce((total, { weeks }) => total + weeks, 0))}
      </span>
    </div>
  );
}
