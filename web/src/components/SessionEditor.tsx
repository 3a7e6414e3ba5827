import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { laySession, readTyped, type SessionPaces } from '@nadir/core/sessions';
import type { NamedPace, Progression } from '@nadir/core/spec/choices';
import { useId, useState } from 'react';
import { type Completion, completionsAt } from './complete-session.js';
import * as wording from './wording.js';

/** A session being written: what may come next, and what is wrong with it, at its column. */
export function SessionEditor({
  label,
  text,
  table,
  families,
  paces,
  rows = 2,
  onText,
}: {
  label: string;
  text: string;
  table: readonly NamedPace[];
  families: readonly Progression[];
  paces: SessionPaces;
  rows?: number;
  onText: (text: string) => void;
}) {
  const id = useId();
  const [caret, setCaret] = useState<number>();
  const options = caret === undefined ? [] : completionsAt(text, caret, { table, families });
  const read = readTyped(text);
  const unknown = read.ok ? laySession(read.session, paces).unknown : [];
  const wrong = text.trim() !== '' && !read.ok ? wording.at(read.problem.message) : undefined;
  const suggestion = read.ok ? undefined : read.problem.suggestion;
  const doubt = unknown.map((name) => `“${name}”`).join(', ');
  return (
    <div>
      <Autocomplete<Completion, false, true, true>
        freeSolo
        disableClearable
        options={options}
        filterOptions={(all) => all}
        getOptionLabel={(option) => (typeof option === 'string' ? option : option.text)}
        inputValue={text}
        onInputChange={(_, next, reason) => {
          if (reason === 'input') onText(next);
        }}
        onChange={(_, chosen) => {
          if (typeof chosen === 'string') return;
          onText(chosen.text);
          setCaret(undefined);
        }}
        renderOption={({ key, ...props }, option) => (
          <li key={key} {...props}>
            <span>{option.label}</span>
            <span className="small muted">&nbsp; {option.detail}</span>
          </li>
        )}
        renderInput={(props) => (
          <TextField
            {...props}
            multiline
            minRows={rows}
            label={label}
            error={wrong !== undefined}
            onSelect={({ target }) =>
              setCaret(target instanceof HTMLTextAreaElement ? target.selectionStart : undefined)
            }
            slotProps={{
              ...props.slotProps,
              htmlInput: {
                ...props.slotProps.htmlInput,
                spellCheck: false,
                'aria-invalid': wrong !== undefined,
                'aria-describedby': `${id}-wrong`,
              },
            }}
          />
        )}
      />
      <p id={`${id}-wrong`} className="small grave" role={wrong ? 'alert' : undefined}>
        {wrong ?? (doubt ? wording.noPaceIsCalled(doubt) : '')}
      </p>
      {wrong !== undefined && suggestion !== undefined && (
        <Button variant="outlined" onClick={() => onText(suggestion)}>
          {wording.use(suggestion)}
        </Button>
      )}
    </div>
  );
}
