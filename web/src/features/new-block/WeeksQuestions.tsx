import { lengthSchoolNames, lengthSchools, phaseLayouts } from '@nadir/core/layout/schools';
import { raceRules, rulesOf } from '@nadir/core/rules';
import { phaseLayoutNames } from '@nadir/core/spec/choices';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { OwnPhases } from './OwnPhases.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';
import * as wording from './wording.js';

export function WeeksQuestions({ asked, file, wishes, reasons, change, problemAt }: QuestionProps) {
  const { layout, own } = wishes.phases;
  const race = raceRules(rulesOf(wishes), wishes.race.distance);
  const length =
    lengthSchoolNames.find((name) => lengthSchools[name].weeks(race) === wishes.weeks) ??
    'own-length';
  const lengths = { ...lengthSchools, 'own-length': OWN_LENGTH };
  const weeksOf = (name: typeof length) =>
    name === 'own-length' ? wishes.weeks : lengthSchools[name].weeks(race);
  // A layout taken over as the coach’s own starts from what is laid out.
  const phasesOf = (name: typeof layout) => ({
    layout: name,
    ...(name === 'own' && { own: own.length > 0 ? own : STARTING_PHASES }),
  });
  return (
    <>
      <NumberAnswer
        label={wording.weeks2}
        because={reasons.weeks}
        problem={problemAt('weeks')}
        value={wishes.weeks}
        given={asked.weeks !== undefined}
        least={4}
        most={30}
        onAnswer={(weeks) => change({ weeks, start: undefined })}
      />
      <SchoolAnswer
        label={wording.length}
        schools={lengths}
        value={length}
        offered={length === 'own-length' ? [...lengthSchoolNames, length] : lengthSchoolNames}
        asked={file}
        part={(name) => ({ weeks: weeksOf(name), start: undefined })}
        onAnswer={(name) => change({ weeks: weeksOf(name), start: undefined })}
      />
      <SchoolAnswer
        label={wording.phases}
        schools={phaseLayouts}
        value={layout}
        offered={phaseLayoutNames}
        asked={file}
        part={(name) => ({ phases: phasesOf(name) })}
        onAnswer={(name) => change({ phases: phasesOf(name) })}
      />
      {layout === 'own' && (
        <OwnPhases own={own} onAnswer={(phases) => change({ phases: { layout, own: phases } })} />
      )}
    </>
  );
}

const OWN_LENGTH = {
  title: wording.yourOwnNumber,
  why: wording.asManyWeeksAsYouSet,
};

const STARTING_PHASES = [
  { kind: 'foundation' as const, name: wording.base, weeks: 6 },
  { kind: 'specific' as const, name: wording.raceSpecific, weeks: 4 },
  { kind: 'taper' as const, name: wording.taper, weeks: 2 },
];
