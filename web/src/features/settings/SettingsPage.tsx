import type { SettingsChange } from '@nadir/contract';
import { type ShownStep, weekdays } from '@nadir/core/base';
import { useEffect } from 'react';
import { errorSentence, useSaveSettingsMutation } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { PasswordForm } from './PasswordForm.js';

const STEPS: Readonly<Record<'1' | '0.5' | '0.1', ShownStep>> = { '1': 1, '0.5': 0.5, '0.1': 0.1 };

/** How figures and pages are shown. Nothing here changes a block. */
export function SettingsPage() {
  const { coach, demo } = useSignedIn();
  const { settings } = coach;
  const [save, { error, isLoading, isSuccess }] = useSaveSettingsMutation();
  const set = (change: SettingsChange) => void save(change);
  useEffect(() => {
    document.title = 'Settings · Nadir';
  }, []);
  return (
    <>
      <TitleBlock title="Settings" detail={`${coach.name} · ${coach.email}`}>
        <span role="status">{isLoading ? 'saving …' : isSuccess ? 'saved' : ''}</span>
      </TitleBlock>
      <main className="page" style={{ maxWidth: 620 }}>
        {error && 'kind' in error && (
          <ErrorNote>{errorSentence(error)} The setting is as it was.</ErrorNote>
        )}
        <fieldset>
          <legend>Figures</legend>
          <Field
            label="Unit"
            because="Blocks are kept in metres and seconds; this only changes how they are shown."
          >
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={settings.unit}
                choices={[
                  ['athlete', 'each athlete’s own'],
                  ['km', 'kilometres for all'],
                  ['mi', 'miles for all'],
                ]}
                onAnswer={(unit) => set({ unit })}
              />
            )}
          </Field>
          <Field
            label="Shown in steps of"
            because="Days always add up to their week, and weeks to the block, in the step shown."
          >
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={String(settings.step) as keyof typeof STEPS}
                choices={[
                  ['1', '1'],
                  ['0.5', '0.5'],
                  ['0.1', '0.1'],
                ]}
                onAnswer={(step) => set({ step: STEPS[step] })}
              />
            )}
          </Field>
        </fieldset>
        <fieldset>
          <legend>Weeks</legend>
          <Field
            label="A week starts on"
            because="For new blocks; those laid out already keep theirs."
          >
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={settings.weekStartsOn}
                choices={weekdays.map((day) => [day, day] as const)}
                onAnswer={(weekStartsOn) => set({ weekStartsOn })}
              />
            )}
          </Field>
        </fieldset>
        <fieldset>
          <legend>Paper</legend>
          <Field label="Light or dark">
            {({ id }) => (
              <ChoiceAnswer
                id={id}
                value={settings.theme}
                choices={[
                  ['system', 'as this device'],
                  ['light', 'light'],
                  ['dark', 'dark'],
                ]}
                onAnswer={(theme) => set({ theme })}
              />
            )}
          </Field>
        </fieldset>
        {!demo && <PasswordForm />}
      </main>
    </>
  );
}
