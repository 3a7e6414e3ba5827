import {
  type Wishes,
  growthSchoolNames,
  growthSchools,
  ladderNames,
  longRunLadders,
  phaseLayoutNames,
  phaseLayouts,
  taperSchoolNames,
  taperSchools,
} from '@nadir/core';
import { AmountAnswer } from '../../parts/AmountAnswer.js';
import { ChoiceAnswer } from '../../parts/ChoiceAnswer.js';
import { Field } from '../../parts/Field.js';
import { NumberAnswer } from '../../parts/NumberAnswer.js';
import type { QuestionProps } from './QuestionProps.js';

/** `own` is edited in the block file for now: it needs names and lengths. */
function offered<T extends string>(names: readonly T[], present: T): T[] {
  return names.filter((name) => name !== 'own' || present === 'own');
}

export function WeeksQuestions({ asked, wishes, reasons, change, problemAt }: QuestionProps) {
  return (
    <fieldset>
      <legend>Weeks and phases</legend>
      <NumberAnswer
        label="Weeks"
        because={reasons.weeks}
        problem={problemAt('weeks')}
        value={wishes.weeks}
        given={asked.weeks !== undefined}
        least={4}
        most={30}
        onAnswer={(weeks) => change({ weeks, start: undefined })}
      />
      <Field label="Phases" because={phaseLayouts[wishes.phases.layout].why}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={wishes.phases.layout}
            choices={offered(phaseLayoutNames, wishes.phases.layout).map(
              (name) => [name, phaseLayouts[name].title] as const,
            )}
            onAnswer={(layout) => change({ phases: { ...asked.phases, layout } })}
          />
        )}
      </Field>
    </fieldset>
  );
}

export function VolumeQuestions({
  asked,
  wishes,
  reasons,
  measure,
  change,
  problemAt,
}: QuestionProps) {
  const { volume } = wishes;
  const set = (part: NonNullable<typeof asked.volume>) =>
    change({ volume: { ...asked.volume, ...part } });
  const growth = asked.volume?.growth;
  return (
    <fieldset>
      <legend>Volume</legend>
      <AmountAnswer
        label="Start"
        because={reasons.start}
        problem={problemAt('volume', 'start')}
        measure={measure}
        value={volume.start}
        given={asked.volume?.start !== undefined}
        onAnswer={(start) => set({ start })}
      />
      <AmountAnswer
        label="Peak"
        because={reasons.peak}
        problem={problemAt('volume', 'peak')}
        measure={measure}
        value={volume.peak}
        given={asked.volume?.peak !== undefined}
        onAnswer={(peak) => set({ peak })}
      />
      <NumberAnswer
        label="Held at the peak"
        because={reasons.holdAtPeak}
        value={volume.holdAtPeak}
        given={asked.volume?.holdAtPeak !== undefined}
        least={0}
        most={12}
        after="weeks"
        onAnswer={(holdAtPeak) => set({ holdAtPeak })}
      />
      <Field label="Growth" because={growthSchools[volume.growth.school].why}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={volume.growth.school}
            choices={growthSchoolNames.map((name) => [name, growthSchools[name].title] as const)}
            onAnswer={(school) => set({ growth: { school } })}
          />
        )}
      </Field>
      {volume.growth.school === 'percentage' && (
        <NumberAnswer
          label="At most"
          because={reasons.growth}
          value={Math.round(volume.growth.cap * 100)}
          given={growth?.school === 'percentage' && growth.cap !== undefined}
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
    </fieldset>
  );
}

export function LongRunQuestions({
  asked,
  wishes,
  reasons,
  measure,
  change,
  problemAt,
}: QuestionProps) {
  const { longRun } = wishes;
  const set = (part: NonNullable<typeof asked.longRun>) =>
    change({ longRun: { ...asked.longRun, ...part } });
  return (
    <fieldset>
      <legend>Long run</legend>
      <AmountAnswer
        label="First"
        because={reasons.longRunStart}
        problem={problemAt('longRun', 'start')}
        measure={measure}
        value={longRun.start}
        given={asked.longRun?.start !== undefined}
        onAnswer={(start) => set({ start })}
      />
      <AmountAnswer
        label="Peak"
        because={reasons.longRunPeak}
        problem={problemAt('longRun', 'peak')}
        measure={measure}
        value={longRun.peak}
        given={asked.longRun?.peak !== undefined}
        onAnswer={(peak) => set({ peak })}
      />
      <NumberAnswer
        label="Last peak"
        because={reasons.lastPeakWeeksOut}
        value={longRun.lastPeakWeeksOut}
        given={asked.longRun?.lastPeakWeeksOut !== undefined}
        least={1}
        most={8}
        after="weeks out"
        onAnswer={(lastPeakWeeksOut) => set({ lastPeakWeeksOut })}
      />
      <Field label="Ladder" because={longRunLadders[longRun.ladder].why}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={longRun.ladder}
            choices={ladderNames.map((name) => [name, longRunLadders[name].title] as const)}
            onAnswer={(ladder) => set({ ladder })}
          />
        )}
      </Field>
    </fieldset>
  );
}

const CADENCES = [
  ['3', 'every 3rd week'],
  ['4', 'every 4th week'],
  ['5', 'every 5th week'],
  ['6', 'every 6th week'],
  ['none', 'none'],
] as const;

const EVERY: Readonly<Record<(typeof CADENCES)[number][0], Wishes['volume']['recovery']['every']>> =
  {
    3: 3,
    4: 4,
    5: 5,
    6: 6,
    none: 'none',
  };

export function RecoveryQuestions({ asked, wishes, reasons, change }: QuestionProps) {
  const { recovery } = wishes.volume;
  const set = (part: NonNullable<NonNullable<typeof asked.volume>['recovery']>) =>
    change({ volume: { ...asked.volume, recovery: { ...asked.volume?.recovery, ...part } } });
  return (
    <fieldset>
      <legend>Recovery</legend>
      <Field label="Recovery week" because={reasons.recovery}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={String(recovery.every) as (typeof CADENCES)[number][0]}
            choices={CADENCES}
            onAnswer={(every) => set({ every: EVERY[every] })}
          />
        )}
      </Field>
      <NumberAnswer
        label="Taken off"
        because="20 to 40 is usual; every run shorter, nothing hard."
        value={Math.round(recovery.depth * 100)}
        given={asked.volume?.recovery?.depth !== undefined}
        least={5}
        most={80}
        after="%"
        onAnswer={(percent) => set({ depth: percent === undefined ? undefined : percent / 100 })}
      />
      <Field
        label="Afterwards"
        because={
          recovery.reEntry === 'resume'
            ? 'Back at the last building week: gentle, a week longer to the peak.'
            : 'One step above the last building week: quicker, a larger jump.'
        }
      >
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={recovery.reEntry}
            choices={[
              ['resume', 'resume where it was'],
              ['one-step-above', 'one step above'],
            ]}
            onAnswer={(reEntry) => set({ reEntry })}
          />
        )}
      </Field>
    </fieldset>
  );
}

export function TaperQuestions({ wishes, change }: QuestionProps) {
  const { school } = wishes.taper;
  return (
    <fieldset>
      <legend>Taper</legend>
      <Field label="Taper" because={taperSchools[school].why}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={school}
            choices={taperSchoolNames.map((name) => [name, taperSchools[name].title] as const)}
            onAnswer={(chosen) => change({ taper: { school: chosen } })}
          />
        )}
      </Field>
    </fieldset>
  );
}
