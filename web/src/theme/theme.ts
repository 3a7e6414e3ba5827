import { type Theme, createTheme } from '@mui/material/styles';
import { dark, light } from './tokens.js';

export const TEXT_FACE = '"Source Sans 3", system-ui, sans-serif';
export const DISPLAY_FACE = '"Newsreader", Georgia, serif';

/** The component library in our paper and ink: dense, flat, hairlines, a visible focus. */
export function createNadirTheme(mode: 'light' | 'dark'): Theme {
  const tokens = mode === 'dark' ? dark : light;
  const focus = { outline: `2px solid ${tokens.signal}`, outlineOffset: 2 };
  return createTheme({
    palette: {
      mode,
      primary: { main: tokens.ink, contrastText: tokens.paper },
      secondary: { main: tokens.signal, contrastText: tokens.paper },
      error: { main: tokens.signal },
      background: { default: tokens.paper, paper: tokens.panel },
      text: { primary: tokens.ink, secondary: tokens.muted },
      divider: tokens.hairline,
    },
    shape: { borderRadius: 3 },
    spacing: 8,
    typography: {
      fontFamily: TEXT_FACE,
      fontSize: 13,
      htmlFontSize: 16,
      h1: { fontFamily: DISPLAY_FACE, fontSize: 24, fontWeight: 500, lineHeight: 1.2 },
      h2: { fontFamily: DISPLAY_FACE, fontSize: 19, fontWeight: 500, lineHeight: 1.3 },
      h6: { fontFamily: DISPLAY_FACE, fontSize: 20, fontWeight: 500, lineHeight: 1.3 },
      h3: { fontSize: 14, fontWeight: 600, lineHeight: 1.4 },
      body1: { fontSize: 14, lineHeight: 1.45 },
      body2: { fontSize: 13, lineHeight: 1.4 },
      button: { textTransform: 'none', fontWeight: 600, fontSize: 13.5 },
    },
    transitions: { create: () => 'none' },
    components: {
      MuiButtonBase: {
        defaultProps: { disableRipple: true },
        styleOverrides: { root: { '&:focus-visible': focus } },
      },
      MuiButton: {
        defaultProps: { disableElevation: true, size: 'small' },
        styleOverrides: { root: { minWidth: 0, paddingBlock: 4, paddingInline: 12 } },
      },
      MuiTextField: { defaultProps: { size: 'small', variant: 'outlined' } },
      MuiOutlinedInput: {
        styleOverrides: {
          root: { fontSize: 14, fontVariantNumeric: 'tabular-nums', backgroundColor: tokens.paper },
          input: { paddingBlock: 5, paddingInline: 8 },
          notchedOutline: { borderColor: tokens.muted, top: 0, '& legend': { display: 'none' } },
        },
      },
      // Labels stand above their field, as on a form on paper.
      MuiInputLabel: {
        defaultProps: { shrink: true },
        styleOverrides: {
          root: {
            position: 'static',
            transform: 'none',
            maxWidth: 'none',
            marginBottom: 2,
            fontSize: 13,
            color: tokens.ink,
          },
        },
      },
      MuiFormHelperText: { styleOverrides: { root: { marginInline: 0, fontSize: 12.5 } } },
      MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    },
  });
}
