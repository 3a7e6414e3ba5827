import FormHelperText from '@mui/material/FormHelperText';
import { useState } from 'react';
import { figureAlone } from '../../components/figure-alone.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import * as wording from './wording.js';

const [LEAST, MOST] = [1, 30];

/** The weeks of one of the coach’s own phases. */
export function PhaseWeeks({
  label,
  weeks,
  onAnswer,
}: {
  label: string;
  weeks: number;
  onAnswer: (weeks: number) => void;
}) {
  const [bad, setBad] = useState<string>();
  return (
    <>
      <TextAnswer
        label={label}
        width={92}
        unit={wording.weeks}
        value={String(weeks)}
        given
        unread={bad !== undefined}
        onAnswer={(text) => {
          const typed = Number(figureAlone(text, wording.weeks));
          const fits = Number.isInteger(typed) && typed >= LEAST && typed <= MOST;
          setBad(fits ? undefined : text);
          if (fits) onAnswer(typed);
        }}
      />
      {bad !== undefined && (
        <FormHelperText error role="alert" sx={{ order: 1, flexBasis: '100%' }}>
          {wording.phaseWeeksNeeded(bad, LEAST, MOST)}
        </FormHelperText>
      )}
    </>
  );
}
