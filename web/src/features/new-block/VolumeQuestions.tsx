import type { BlockFile } from '@nadir/contract';
import type { Measure } from '@nadir/core/base';
import { growthSchools } from '@nadir/core/layout/schools';
import { growthSchoolNames } from '@nadir/core/spec/choices';
import type { ResolvedSpec } from '@nadir/core/spec';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import type { QuestionProps } from './QuestionProps.js';
import { SchoolAnswer } from './SchoolAnswer.js';

export function VolumeQuestions(props: QuestionProps) {
  const { asked, file, wishes, reasons, measure, change, problemAt } = props;
  const { volume } = wishes;
  const given = asked.volume ?? {};
  const set = (part: typeof given) => change({ volume: { ...given, ...part } });
  const amount = (field: 'start' | 'peak') => ({
    measure,
    because: reasons[field],
    problem: problemAt('volume', field),
    value: volume[field],
    given: given[field] !== undefined,
    onAnswer: (answer: number | undefined) => set({ [field]: answer }),
  });
  return (
    <>
      <AmountAnswer label="Start" {...amount('start')} />
      <AmountAnswer label="Peak" {...amount('peak')} />
      <NumberAnswer
        label="Held at the peak"
        because={reasons.holdAtPeak}
        value={volume.holdAtPeak}
        given={given.holdAtPeak !== undefined}
        least={0}
        most={12}
        after="weeks"
        onAnswer={(holdAtPeak) => set({ holdAtPeak })}
      />
      <SchoolAnswer
        label="Growth"
        schools={growthSchools}
        value={volume.growth.school}
        offered={growthSchoolNames}
        asked={file}
        part={(school) => ({ volume: { ...given, growth: { school } } })}
        onAnswer={(school) => set({ growth: { school } })}
      />
      {volume.growth.school === 'percentage' && (
        <NumberAnswer
          label="At most"
          because={reasons.growth}
          value={Math.round(volume.growth.cap * 100)}
          given={given.growth?.school === 'percentage' && given.growth.cap !== undefined}
          least={0}
          most={30}
          after="% a week"
          onAnswer={(percent) =>
            set({
              growth: {
                school: 'percentage',
                ...(percent !== undefined && { cap: percent / 100 }),
              },
            })
          }
        />
      )}
      <GrowthSteps
        measure={measure}
        growth={volume.growth}
        given={given.growth}
        onAnswer={(growth) => set({ growth })}
      />
    </>
  );
}

type Growth = NonNullable<NonNullable<BlockFile['volume']>['growth']>;

/** What the schools that climb by steps ask: how high a step is, and how long it is held. */
function GrowthSteps({
  measure,
  growth: { school, step, hold },
  given,
  onAnswer,
}: {
  measure: Measure;
  growth: ResolvedSpec['volume']['growth'];
  given: Growth | undefined;
  onAnswer: (growth: Growth) => void;
}) {
  if (school !== 'fixed-step' && school !== 'step-and-hold') return null;
  const asked: { step?: number | undefined; hold?: number | undefined } =
    given?.school === school ? given : {};
  const answer = (part: typeof asked) => {
    const { step: high, hold: long } = { ...asked, ...part };
    onAnswer(school === 'fixed-step' ? { school, step: high } : { school, step: high, hold: long });
  };
  return (
    <>
      <AmountAnswer
        label="Step"
        because="How much each rise adds."
        measure={measure}
        value={step}
        given={asked.step !== undefined}
        onAnswer={(next) => answer({ step: next })}
      />
      {school === 'step-and-hold' && (
        <NumberAnswer
          label="Held"
          because="Weeks at each level before the next rise."
          value={hold}
          given={asked.hold !== undefined}
          least={1}
          most={8}
          after="weeks"
          onAnswer={(next) => answer({ hold: next })}
        />
      )}
    </>
  );
}
