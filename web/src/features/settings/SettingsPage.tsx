import type { SettingsChange } from '@nadir/contract';
import { type ShownStep, weekdays } from '@nadir/core/base';
import { useEffect } from 'react';
import { errorSentence, useSaveSettingsMutation } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { Tick } from '../../components/Tick.js';
import { SignOut } from '../../editor/SignOut.js';
import { AllMyData } from './AllMyData.js';
import { PasswordForm } from './PasswordForm.js';
import styles from './Settings.module.css';

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
        <span role="status">{isLoading ? 'Saving …' : isSuccess ? 'Saved' : ''}</span>
      </TitleBlock>
      <main className={`page ${styles.page ?? ''}`}>
        {error && 'kind' in error && (
          <ErrorNote>{errorSentence(error)} The setting is as it was.</ErrorNote>
        )}
        <fieldset className={styles.part}>
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
            label="Round figures to"
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
        <fieldset className={styles.part}>
          <legend>Weeks</legend>
          <Field
            label="A week starts on"
            because="For new blocks; those laid out already keep theirs."
          >
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={settings.weekStartsOn}
                choices={weekdays.map((day) => [day, capital(day)] as const)}
                onAnswer={(weekStartsOn) => set({ weekStartsOn })}
              />
            )}
          </Field>
        </fieldset>
        <fieldset className={styles.part}>
          <legend>Theme and keys</legend>
          <Field label="Theme">
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
          <Field
            label="Single keys"
            because="Keys that are one letter or sign alone, such as ? for the keys."
          >
            {({ describedBy }) => (
              <Tick
                label="On"
                name="Single keys"
                describedBy={describedBy}
                checked={settings.singleKeys}
                onAnswer={(singleKeys) => set({ singleKeys })}
              />
            )}
          </Field>
        </fieldset>
        {!demo && <PasswordForm />}
        <SignOut />
        <AllMyData />
      </main>
    </>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
