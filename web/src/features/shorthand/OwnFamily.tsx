import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Button from '@mui/material/Button';
import { linkPaces, namePaces, progressionRules, type SessionPaces } from '@nadir/core/sessions';
import type { Issue } from '@nadir/core/spec';
import {
  type NamedPace,
  phaseKinds,
  type Progression,
  progressionRuleNames,
} from '@nadir/core/spec/choices';
import { useState } from 'react';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { SessionEditor } from '../../components/SessionEditor.js';
import styles from './Shorthand.module.css';
import { TextAnswer } from '../../components/TextAnswer.js';

/** One of the coach's own sessions: its words, where it starts, how it goes on. */
export function OwnFamily({
  family,
  problem,
  table,
  paces,
  onChange,
  onRemove,
}: {
  family: Progression;
  problem: Issue | undefined;
  table: readonly NamedPace[];
  paces: SessionPaces;
  onChange: (part: Partial<Progression>) => void;
  onRemove: () => void;
}) {
  const [start, setStart] = useState(namePaces(family.start, table));
  const [bad, setBad] = useState<{ field: string; text: string }>();
  const number = (field: 'by' | 'most', label: string, because: string) => (
    <Field
      label={label}
      because={because}
      problem={bad?.field === field ? `“${bad.text}” is no number from 0 up.` : undefined}
    >
      {(ids) => (
        <TextAnswer
          {...ids}
          value={String(family[field])}
          given
          wrong={bad?.field === field}
          width={64}
          onAnswer={(text) => {
            const value = Number(text.replace(',', '.'));
            const fits = text.trim() !== '' && Number.isFinite(value) && value >= 0;
            setBad(fits ? undefined : { field, text });
            if (fits) onChange({ [field]: field === 'most' ? Math.round(value) : value });
          }}
        />
      )}
    </Field>
  );
  return (
    <div>
      {problem && <p role="alert">{problem.message}</p>}
      <Field label="Name">
        {(ids) => (
          <TextAnswer
            {...ids}
            value={family.name}
            given
            wrong={problem?.path[1] === 'name'}
            width={280}
            onAnswer={(name) => onChange({ name })}
          />
        )}
      </Field>
      <Field label="What for">
        {(ids) => (
          <TextAnswer
            {...ids}
            value={family.purpose}
            given
            wrong={false}
            width={420}
            onAnswer={(purpose) => onChange({ purpose })}
          />
        )}
      </Field>
      <SessionEditor
        label="First exposure, without warm-up and cool-down"
        text={start}
        table={table}
        families={[]}
        paces={paces}
        rows={1}
        onText={(text) => {
          setStart(text);
          onChange({ start: linkPaces(text, table) });
        }}
      />
      <Field label="Progression" because={progressionRules[family.way].why}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={family.way}
            choices={progressionRuleNames.map((way) => [way, progressionRules[way].title] as const)}
            onAnswer={(way) => onChange({ way })}
          />
        )}
      </Field>
      {number('by', 'By', progressionRules[family.way].by)}
      {number('most', 'Exposures', 'Then it stays as it is.')}
      <Field label="Phases">
        {() => (
          <ToggleButtonGroup
            aria-label="Phases"
            className={styles.wrap}
            value={family.phases}
            onChange={(_, chosen: Progression['phases']) =>
              onChange({ phases: phaseKinds.filter((each) => chosen.includes(each)) })
            }
          >
            {phaseKinds.map((kind) => (
              <ToggleButton key={kind} value={kind}>
                {kind.replaceAll('-', ' ')}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        )}
      </Field>
      <Field label="Tags" because="Separated by commas.">
        {(ids) => (
          <TextAnswer
            {...ids}
            value={family.tags.join(', ')}
            given
            wrong={false}
            width={280}
            onAnswer={(text) =>
              onChange({
                tags: text
                  .split(',')
                  .map((tag) => tag.trim())
                  .filter(Boolean),
              })
            }
          />
        )}
      </Field>
      <Button variant="outlined" onClick={onRemove}>
        Remove
      </Button>
    </div>
  );
}
