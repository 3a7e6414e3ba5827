import type { SettingsChange } from '@nadir/contract';
import { type ShownStep, weekdays } from '@nadir/core/base';
import { useEffect } from 'react';
import { useSaveSettingsMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
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
import * as wording from './wording.js';

const STEPS: Readonly<Record<'1' | '0.5' | '0.1', ShownStep>> = { '1': 1, '0.5': 0.5, '0.1': 0.1 };

/** How figures and pages are shown. Nothing here changes a block. */
export function SettingsPage() {
  const { coach, demo } = useSignedIn();
  const { settings } = coach;
  const [save, { error, isLoading, isSuccess }] = useSaveSettingsMutation();
  const set = (change: SettingsChange) => void save(change);
  useEffect(() => {
    document.title = wording.settingsNadir;
  }, []);
  return (
    <>
      <TitleBlock title={wording.settings} detail={`${coach.name} · ${coach.email}`}>
        <span role="status">{isLoading ? wording.saving : isSuccess ? wording.saved : ''}</span>
      </TitleBlock>
      <main className={`page ${styles.page ?? ''}`}>
        {error && 'kind' in error && (
          <ErrorNote>{wording.theSetting(errorSentence(error))}</ErrorNote>
        )}
        <fieldset className={styles.part}>
          <legend>{wording.figures}</legend>
          <Field label={wording.unit} because={wording.blocksAreKeptInMetresAndSeconds}>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={settings.unit}
                choices={[
                  ['athlete', wording.eachAthletesOwn],
                  ['km', wording.kilometresForAll],
                  ['mi', wording.milesForAll],
                ]}
                onAnswer={(unit) => set({ unit })}
              />
            )}
          </Field>
          <Field label={wording.roundFiguresTo} because={wording.daysAlwaysAddUpToTheirWeek}>
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
          <legend>{wording.weeks}</legend>
          <Field label={wording.aWeekStartsOn} because={wording.forNewBlocks}>
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
          <legend>{wording.themeAndKeys}</legend>
          <Field label={wording.theme}>
            {({ id }) => (
              <ChoiceAnswer
                id={id}
                value={settings.theme}
                choices={[
                  ['system', wording.asThisDevice],
                  ['light', 'light'],
                  ['dark', 'dark'],
                ]}
                onAnswer={(theme) => set({ theme })}
              />
            )}
          </Field>
          <Field label={wording.singleKeys} because={wording.keysThatAreOneLetterOrSign}>
            {({ describedBy }) => (
              <Tick
                label={wording.on}
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
