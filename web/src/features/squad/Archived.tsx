import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import type { Glances } from '@nadir/contract';
import { Link } from 'react-router';
import { plural } from '../../components/dates.js';
import { DownIcon } from '../../theme/icons.js';

/** Athletes who are kept aside, each the way to the record that brings them back. */
export function Archived({ athletes }: { athletes: Glances['archived'] }) {
  return (
    <Accordion>
      <AccordionSummary expandIcon={<DownIcon />}>
        Archived: {plural(athletes.length, 'athlete')}
      </AccordionSummary>
      <AccordionDetails>
        <ul className="plain-list">
          {athletes.map(({ id, name }) => (
            <li key={id}>
              <Link to={`/athletes/${id}`}>{name}</Link>
            </li>
          ))}
        </ul>
      </AccordionDetails>
    </Accordion>
  );
}
