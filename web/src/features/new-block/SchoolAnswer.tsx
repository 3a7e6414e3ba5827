import Button from '@mui/material/Button';
import { useState } from 'react';
import { DownIcon, UpIcon } from '../../theme/icons.js';
import { Field } from '../../components/Field.js';
import type { SchoolAnswerProps } from './school-answer-props.js';
import { SchoolPreviews } from './SchoolPreviews.js';
import * as wording from './wording.js';

/**
 * A choice among schools: the chosen one by its title, with what it is for and
 * what it costs; opened, each drawn as a small picture of this very block.
 */
export function SchoolAnswer<T extends string>(props: SchoolAnswerProps<T>) {
  const { label, schools, value } = props;
  const [open, setOpen] = useState(false);
  return (
    <>
      <Field label={label} because={schools[value].why}>
        {({ id, describedBy }) => (
          <Button
            id={id}
            variant="outlined"
            endIcon={open ? <UpIcon /> : <DownIcon />}
            aria-label={wording.compareSchools(label, schools[value].title)}
            aria-describedby={describedBy}
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            {schools[value].title}
          </Button>
        )}
      </Field>
      {open && <SchoolPreviews {...props} onClose={() => setOpen(false)} />}
    </>
  );
}
