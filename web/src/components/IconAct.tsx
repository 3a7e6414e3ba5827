import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import type { Icon } from '../theme/icons.js';

/** An act with an icon alone: its tooltip says what it does, and names its key. */
export function IconAct({
  label,
  detail,
  keys,
  icon: Drawn,
  disabled = false,
  onClick,
}: {
  label: string;
  /** What it would be done to. */
  detail?: string | undefined;
  /** As it is pressed: `Ctrl+Z`. */
  keys?: string;
  icon: Icon;
  disabled?: boolean;
  onClick: () => void;
}) {
  return (
    <Tooltip
      placement="bottom-end"
      title={`${label}${detail ? `: ${detail}` : ''}${keys ? ` (${keys})` : ''}`}
    >
      {/* What is disabled tells no pointer of itself: the tooltip hangs on what holds it. */}
      <span>
        <IconButton
          aria-label={label}
          aria-keyshortcuts={keys?.replace('Ctrl', 'Control')}
          disabled={disabled}
          onClick={onClick}
        >
          <Drawn />
        </IconButton>
      </span>
    </Tooltip>
  );
}
