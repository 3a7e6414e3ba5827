import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { type ReactNode, useId } from 'react';
import type { ResolvedSpec } from '@nadir/core/spec';
import { intoView } from '../../components/into-view.js';
import styles from './Ask.module.css';
import { type Topic, answerWords, topicTitles } from './topics.js';
import * as wording from './wording.js';

/** An answer in words, which opens in place. */
export function OneLine({
  topic,
  spec,
  open,
  onOpen,
  children,
}: {
  topic: Topic;
  spec: ResolvedSpec;
  open: boolean;
  onOpen: (topic: Topic | undefined) => void;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <Accordion
      className={styles.line}
      data-open={open}
      expanded={open}
      onChange={(_, expanded) => onOpen(expanded ? topic : undefined)}
      slotProps={{
        heading: { component: 'h2' },
        transition: { timeout: 0, unmountOnExit: true },
      }}
    >
      <AccordionSummary id={id}>
        <span className={styles.summary}>
          <span>
            <b>{topicTitles[topic]}:</b> {answerWords(topic, spec)}
          </span>
          <i>{open ? wording.close : wording.change}</i>
        </span>
      </AccordionSummary>
      <AccordionDetails ref={intoView} role="group" aria-label={topicTitles[topic]}>
        {children}
      </AccordionDetails>
    </Accordion>
  );
}
