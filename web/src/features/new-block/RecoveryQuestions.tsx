import { weekWords } from '@nadir/core/edit';
import {
  type RecoveryCadenceName,
  recoveryCadences,
  reEntrySchools,
} from '@nadir/core/layout/schools';
import { reEntries, type ResolvedSpec } from '@nadir/core/spec';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';
import * as wording from './wording.js';

const CADENCES = Object.keys(recoveryCadences) as RecoveryCadenceName[];

type Recovery = ResolvedSpec['volume']['recovery'];
const EVERY: Readonly<Record<RecoveryCadenceName, Recovery['every']>> = {
  '3': 3,
  '4': 4,
  '5': 5,
  '6': 6,
  none: 'none',
};

export function RecoveryQuestions({ asked, file, wishes, reasons, change }: QuestionProps) {
  const { recovery } = wishes.volume;
  const given = asked.volume?.recovery ?? {};
  const withPart = (part: typeof given) => ({
    volume: { ...asked.volume, recovery: { ...given, ...part } },
  });
  // A cadence takes the place of weeks that were placed one by one.
  const cadence = (name: RecoveryCadenceName) => withPart({ every: EVERY[name], weeks: undefined });
  return (
    <>
      <SchoolAnswer
        label={wording.recoveryWeek}
        schools={recoveryCadences}
        value={String(recovery.every) as RecoveryCadenceName}
        offered={CADENCES}
        asked={file}
        part={cadence}
        onAnswer={(name) => change(cadence(name))}
      />
      {recovery.weeks && (
        <p className="small muted">
          {recovery.weeks.length > 0
            ? wording.placedByYouIn(weekWords(recovery.weeks))
            : wording.noneByYou}
        </p>
      )}
      <NumberAnswer
        label={wording.cutBy}
        because={wording.n20To40IsUsual(reasons.recovery)}
        value={Math.round(recovery.depth * 100)}
        given={given.depth !== undefined}
        least={5}
        most={80}
        after="%"
        onAnswer={(percent) =>
          change(withPart({ depth: percent === undefined ? undefined : percent / 100 }))
        }
      />
      <SchoolAnswer
        label={wording.afterwards}
        schools={reEntrySchools}
        value={recovery.reEntry}
        offered={reEntries}
        asked={file}
        part={(reEntry) => withPart({ reEntry })}
        onAnswer={(reEntry) => change(withPart({ reEntry }))}
      />
    </>
  );
}
