import GlobalStyles from '@mui/material/GlobalStyles';
import { TEXT_FACE } from './theme.js';
import { dark, light, token, tokenVariables } from './tokens.js';

/** The page itself: tokens as CSS variables, tabular figures, a focus that can be seen. */
export function GlobalLook({ mode }: { mode: 'light' | 'dark' }) {
  return (
    <GlobalStyles
      styles={{
        ':root': { ...tokenVariables(mode === 'dark' ? dark : light), colorScheme: mode },
        // Paper is white, and ink is black on it, whatever the screen shows.
        '@media print': {
          ':root': {
            ...tokenVariables({ ...light, paper: '#fff', ink: '#000' }),
            colorScheme: 'light',
          },
        },
        '*, *::before, *::after': { boxSizing: 'border-box' },
        'html, body, #root': { height: '100%', margin: 0 },
        body: {
          backgroundColor: token('paper'),
          color: token('ink'),
          fontFamily: TEXT_FACE,
          fontSize: 14,
          lineHeight: 1.45,
          fontVariantNumeric: 'tabular-nums',
          WebkitFontSmoothing: 'antialiased',
        },
        a: { color: 'inherit' },
        ':focus-visible': { outline: `2px solid ${token('signal')}`, outlineOffset: 2 },
        '.visually-hidden': {
          position: 'absolute',
          width: 1,
          height: 1,
          overflow: 'hidden',
          clipPath: 'inset(50%)',
          whiteSpace: 'nowrap',
        },
        '@media (prefers-reduced-motion: reduce)': {
          '*': { animation: 'none !important', transition: 'none !important' },
        },
      }}
    />
  );
}
