import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Button from '@mui/material/Button';
import { linkPaces, namePaces, progressionRules, type SessionPaces } from '@nadir/core/sessions';
import { exposuresOf } from '@nadir/core/sessions/library';
import type { Issue } from '@nadir/core/spec';
import {
  type NamedPace,
  phaseKinds,
  type Progression,
  type ProgressionRuleName,
  progressionRuleNames,
} from '@nadir/core/spec/choices';
import { useState } from 'react';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { LinesAnswer } from '../../components/LinesAnswer.js';
import { SessionEditor } from '../../components/SessionEditor.js';
import styles from './Shorthand.module.css';
import { TextAnswer } from '../../components/TextAnswer.js';
import { Tick } from '../../components/Tick.js';
import * as wording from './wording.js';

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
      problem={bad?.field === field ? wording.isNoNumberFrom0Up(bad.text) : undefined}
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
  const around = (field: 'before' | 'after', label: string, because: string) => (
    <Field label={label} because={because}>
      {(ids) => (
        <TextAnswer
          {...ids}
          value={namePaces(family[field] ?? '', table)}
          given={family[field] !== undefined}
          wrong={problem?.path[1] === field}
          width={420}
          onAnswer={(text) =>
            onChange({ [field]: text.trim() === '' ? undefined : linkPaces(text, table) })
          }
        />
      )}
    </Field>
  );
  return (
    <div>
      {problem && <p role="alert">{problem.message}</p>}
      <Field label={wording.name}>
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
      <Field label={wording.whatFor}>
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
      <ProgressionAnswers
        family={family}
        table={table}
        paces={paces}
        start={start}
        onStart={(text) => {
          setStart(text);
          onChange({ start: linkPaces(text, table) });
        }}
        onChange={onChange}
      />
      {family.exposures === undefined && (
        <>
          {number('by', wording.by, progressionRules[family.way].by)}
          {number('most', wording.exposures, wording.thenItStays)}
        </>
      )}
      {around('before', wording.beforeTheSet, wording.runAtEveryExposure)}
      {around('after', wording.afterTheSet, wording.runAtEveryExposureStrides)}
      <Field label={wording.fit} because={wording.scaledToTheAthleteAndTheWeek}>
        {() => (
          <Tick
            label={wording.fitItToTheAthlete}
            checked={family.fit ?? false}
            onAnswer={(fit) => onChange({ fit })}
          />
        )}
      </Field>
      <Field label={wording.phases}>
        {() => (
          <ToggleButtonGroup
            aria-label={wording.phases}
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
      <Field label={wording.tags} because={wording.separatedByCommas}>
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
        {wording.remove}
      </Button>
    </div>
  );
}

/** A progression that is no rule: every exposure is written out. */
const LINES = wording.lineByLine;

/** How it goes on: from its first exposure by a rule, or written out line by line. */
function ProgressionAnswers({
  family,
  table,
  paces,
  start,
  onStart,
  onChange,
}: {
  family: Progression;
  table: readonly NamedPace[];
  paces: SessionPaces;
  start: string;
  onStart: (text: string) => void;
  onChange: (part: Partial<Progression>) => void;
}) {
  const { exposures, way } = family;
  return (
    <>
      {!exposures && (
        <SessionEditor
          label={wording.firstExposure}
          text={start}
          table={table}
          families={[]}
          paces={paces}
          rows={1}
          onText={onStart}
        />
      )}
      <Field
        label={wording.progression}
        because={exposures ? undefined : progressionRules[way].why}
      >
        {(ids) => (
          <ChoiceAnswer<ProgressionRuleName | typeof LINES>
            {...ids}
            value={exposures ? LINES : way}
            choices={[
              ...progressionRuleNames.map((each) => [each, progressionRules[each].title] as const),
              [LINES, wording.lineByLineAsWritten] as const,
            ]}
            onAnswer={(chosen) =>
              onChange(
                chosen === LINES
                  ? {
                      exposures: exposuresOf(
                        { ...family, before: undefined, after: undefined },
                        paces,
                        table,
                      ).map(({ shorthand }) => linkPaces(shorthand, table)),
                    }
                  : { way: chosen, exposures: undefined },
              )
            }
          />
        )}
      </Field>
      {exposures && (
        <LinesAnswer
          label={wording.exposuresOneALine}
          lines={exposures.map((line) => namePaces(line, table))}
          onLines={(lines) => {
            const linked = lines.map((line) => linkPaces(line, table));
            if (linked[0] !== undefined) onChange({ exposures: linked, start: linked[0] });
          }}
        />
      )}
    </>
  );
}
