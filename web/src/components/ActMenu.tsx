import Button from '@mui/material/Button';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { type ReactNode, useId, useState } from 'react';
import { DownIcon, MoreIcon } from '../theme/icons.js';

/** One act of a menu. */
export interface Act {
  label: string;
  run: () => void;
  disabled?: boolean;
}

/** Acts that belong together; the title is left out where a menu has one group. */
export interface ActGroup {
  title?: string;
  acts: readonly Act[];
  /** A figure that is typed within the group. */
  field?: ReactNode;
}

/** A button that opens acts in named groups. */
export function ActMenu({
  label,
  groups,
  variant = 'text',
  icon = false,
}: {
  label: string;
  groups: readonly ActGroup[];
  variant?: 'text' | 'outlined';
  /** An icon alone; the label is its name. */
  icon?: boolean;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const id = useId();
  const close = () => setAnchor(null);
  return (
    <>
      <Button
        id={`${id}-button`}
        variant={variant}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-controls={anchor ? id : undefined}
        aria-label={icon ? label : undefined}
        endIcon={icon ? undefined : <DownIcon />}
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
      >
        {icon ? <MoreIcon /> : label}
      </Button>
      <Menu
        id={id}
        open={anchor !== null}
        anchorEl={anchor}
        onClose={close}
        slotProps={{ list: { 'aria-labelledby': `${id}-button` } }}
      >
        {groups.flatMap(({ title, acts, field }, place) => [
          title && (
            <ListSubheader key={title} role="presentation">
              {title}
            </ListSubheader>
          ),
          ...acts.map(({ label: act, run, disabled = false }) => (
            <MenuItem
              key={act}
              disabled={disabled}
              onClick={() => {
                close();
                run();
              }}
            >
              {act}
            </MenuItem>
          )),
          field && (
            <li key={`field ${place}`} role="none">
              {field}
            </li>
          ),
        ])}
      </Menu>
    </>
  );
}
