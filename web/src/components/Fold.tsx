import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { type ReactNode, useId } from 'react';
import { DownIcon } from '../theme/icons.js';

/** Something folded away under its title; at the second rank of headings unless it stands deeper. */
export function Fold({
  title,
  rank = 'h2',
  open = false,
  className,
  children,
}: {
  title: ReactNode;
  rank?: 'h2' | 'h3';
  /** Whether it begins open. */
  open?: boolean;
  className?: string | undefined;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <Accordion
      defaultExpanded={open}
      slotProps={{
        heading: { component: rank },
        transition: { timeout: 0, unmountOnExit: true },
      }}
    >
      <AccordionSummary id={id} aria-controls={`${id}-folded`} expandIcon={<DownIcon />}>
        {title}
      </AccordionSummary>
      <AccordionDetails className={className}>{children}</AccordionDetails>
    </Accordion>
  );
}
