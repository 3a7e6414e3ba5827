import OutlinedInput from '@mui/material/OutlinedInput';
import { useState } from 'react';
import { Field } from './Field.js';

/** A list that is typed or pasted, one entry a line; empty lines are none. */
export function LinesAnswer({
  label,
  lines,
  onLines,
}: {
  label: string;
  lines: readonly string[];
  onLines: (lines: string[]) => void;
}) {
  const [typed, setTyped] = useState<string>();
  return (
    <Field label={label} stacked>
      {({ id }) => (
        <OutlinedInput
          id={id}
          multiline
          minRows={3}
          fullWidth
          value={typed ?? lines.join('\n')}
          onChange={({ target }) => {
            setTyped(target.value);
            onLines(
              target.value
                .split('\n')
                .map((line) => line.trim())
                .filter(Boolean),
            );
          }}
        />
      )}
    </Field>
  );
}
