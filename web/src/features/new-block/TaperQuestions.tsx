import { taperSchoolNames, taperSchools } from '@nadir/core';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';

export function TaperQuestions({ wishes, change }: QuestionProps) {
  return (
    <fieldset>
      <legend>Taper</legend>
      <SchoolAnswer
        label="Taper"
        schools={taperSchools}
        value={wishes.taper.school}
        offered={taperSchoolNames}
        onAnswer={(school) => change({ taper: { school } })}
      />
    </fieldset>
  );
}
