import Radio from '@mui/material/Radio';
import { glanceOf } from '@nadir/core/present/figures';
import { type BlockFile, givenOf, problemsOfWishes } from '@nadir/contract';
import { useId, useMemo } from 'react';
import { useSignedIn } from '../../api/session.js';
import { SmallSection } from '../../drawing/SmallSection.js';
import { intoView } from '../../components/into-view.js';
import { laidOf, useMeasure, usePast } from '../../components/useLaidBlock.js';
import styles from './Ask.module.css';
import type { SchoolAnswerProps } from './school-answer-props.js';
import * as wording from './wording.js';

/** Each school on the athlete’s own numbers, side by side. Arrows move, as in any list of choices. */
export function SchoolPreviews<T extends string>({
  label,
  schools,
  value,
  offered,
  asked,
  part,
  onAnswer,
  onClose,
}: SchoolAnswerProps<T> & { onClose: () => void }) {
  const { today } = useSignedIn();
  const past = usePast();
  const measure = useMeasure(asked);
  const name = useId();
  const drawn = useMemo(
    () =>
      offered.map((school) => {
        // The school that is chosen is drawn as it stands, with all that was set of it.
        const file: BlockFile = school === value ? asked : { ...asked, ...part(school) };
        const fits = problemsOfWishes(givenOf(file)).length === 0;
        return { school, laid: fits ? laidOf(file, past, measure) : undefined };
      }),
    [offered, value, asked, part, past, measure],
  );
  return (
    <div
      ref={intoView}
      role="radiogroup"
      aria-label={wording.compareSchools2(label)}
      className={styles.previews}
      onKeyDown={({ key }) => key === 'Escape' && onClose()}
    >
      {drawn.map(({ school, laid }) => (
        <label key={school}>
          <Radio name={name} checked={school === value} onChange={() => onAnswer(school)} />
          {laid ? (
            <SmallSection
              glance={glanceOf(laid.block, [], laid.shown, today)}
              today={today}
              width={120}
              label={schools[school].title}
            />
          ) : (
            <span>{wording.cannotBeDrawnYet}</span>
          )}
          <span>
            <b>{schools[school].title}</b>
            {laid && ` · ${findingWords(laid.block.findings.length)}`}
            <br />
            {schools[school].why}
          </span>
        </label>
      ))}
    </div>
  );
}

function findingWords(findings: number): string {
  return findings === 0
    ? wording.noProblems
    : `${findings} ${findings === 1 ? wording.check : wording.checks}`;
}
