import { useState } from 'react';
import { Field } from '../../components/Field.js';
import type { SchoolAnswerProps } from './school-answer-props.js';
import { SchoolPreviews } from './SchoolPreviews.js';

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
          <button
            id={id}
            type="button"
            className="answer school"
            aria-label={`${label}: ${schools[value].title}. Compare schools`}
            aria-describedby={describedBy}
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            {schools[value].title}
            <span aria-hidden="true">{open ? ' –' : ' +'}</span>
          </button>
        )}
      </Field>
      {open && <SchoolPreviews {...props} onClose={() => setOpen(false)} />}
    </>
  );
}
