import Dialog from '@mui/material/Dialog';
import List from '@mui/material/List';
import ListItemButton from '@mui/material/ListItemButton';
import ListItemText from '@mui/material/ListItemText';
import OutlinedInput from '@mui/material/OutlinedInput';
import { type KeyboardEvent, useId, useMemo, useState } from 'react';
import { matching } from './matching.js';
import { useFound } from './useFound.js';
import * as wording from '../wording.js';

/** Ctrl+K: athletes, blocks, weeks, pages and acts, by a few letters of their name. */
export function Palette({ onClose }: { onClose: () => void }) {
  const id = useId();
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const all = useFound();
  const found = useMemo(() => matching(all, typed), [all, typed]);
  const active = Math.min(at, found.length - 1);

  function take(index: number) {
    const chosen = found[index];
    if (!chosen) return;
    onClose();
    chosen.run();
  }

  function onKeyDown(event: KeyboardEvent) {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by !== undefined) setAt((active + by + found.length) % Math.max(1, found.length));
    else if (event.key === 'Enter') take(active);
    else return;
    event.preventDefault();
  }

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby={`${id}-title`}>
      <h2 id={`${id}-title`} className="visually-hidden">
        {wording.find}
      </h2>
      <OutlinedInput
        autoFocus
        fullWidth
        placeholder={wording.anAthlete}
        value={typed}
        onChange={({ target }) => {
          setTyped(target.value);
          setAt(0);
        }}
        onKeyDown={onKeyDown}
        inputProps={{
          role: 'combobox',
          'aria-label': wording.find,
          'aria-expanded': true,
          'aria-controls': id,
          'aria-activedescendant': found[active] && `${id}-${active}`,
        }}
      />
      <List
        id={id}
        role="listbox"
        aria-label={wording.found}
        dense
        sx={{ overflow: 'auto', py: 0.5 }}
      >
        {found.map(({ name, kind }, index) => (
          <ListItemButton
            key={`${kind} ${name} ${index}`}
            id={`${id}-${index}`}
            role="option"
            tabIndex={-1}
            selected={index === active}
            aria-selected={index === active}
            onClick={() => take(index)}
          >
            <ListItemText primary={name} />
            <span className="small muted">{kind}</span>
          </ListItemButton>
        ))}
        {found.length === 0 && <li className="page muted">{wording.nothingHasThatName}</li>}
      </List>
    </Dialog>
  );
}
