import { createTheme } from '@mui/material/styles';
import { token } from './tokens.js';

const TEXT_FACE = 'var(--text-face)';
export const DISPLAY_FACE = 'var(--display-face)';

/** Where a figure comes from, as a field shows it: `data-state` on its input. */
export type FieldState = 'worked-out' | 'given';

const SMALL = 'var(--small)';
const TEXT = 'var(--text)';
const hairline = `1px solid ${token('hairline')}`;

/** Ink on paper turned round, in the few colours too that a device may force on every page. */
const reversed = {
  '@media (forced-colors: active)': {
    forcedColorAdjust: 'none',
    color: 'ButtonFace',
    backgroundColor: 'ButtonText',
  },
} as const;

/**
 * The component library in our paper and ink: dense, flat, hairlines, a visible
 * focus. One theme for both schemes: its colours are the tokens, which change
 * by themselves.
 */
export const theme = createTheme({
  cssVariables: { nativeColor: true, cssVarPrefix: 'kit' },
  palette: {
    primary: { main: token('ink'), contrastText: token('paper') },
    secondary: { main: token('signal'), contrastText: token('paper') },
    error: { main: token('signal'), contrastText: token('paper') },
    background: { default: token('paper'), paper: token('panel') },
    text: { primary: token('ink'), secondary: token('muted'), disabled: token('muted') },
    divider: token('hairline'),
    action: { active: token('ink'), disabled: token('muted'), hover: token('lit') },
  },
  shape: { borderRadius: 3 },
  spacing: 8,
  typography: {
    fontFamily: TEXT_FACE,
    htmlFontSize: 16,
    body1: { fontSize: TEXT, lineHeight: 1.45 },
    body2: { fontSize: SMALL, lineHeight: 1.4 },
    h6: { fontFamily: DISPLAY_FACE, fontSize: 'var(--title)', fontWeight: 500, lineHeight: 1.25 },
    button: { textTransform: 'none', fontWeight: 600, fontSize: SMALL, lineHeight: 1.45 },
  },
  transitions: { create: () => 'none' },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: { '&:focus-visible': { outline: `2px solid ${token('signal')}`, outlineOffset: 2 } },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true, size: 'small' },
      styleOverrides: {
        root: {
          minWidth: 0,
          minHeight: 26,
          paddingBlock: 2,
          paddingInline: 10,
          whiteSpace: 'nowrap',
          '&.Mui-disabled': { opacity: 0.55 },
        },
        outlined: { borderColor: token('ink'), backgroundColor: token('field') },
        contained: reversed,
        text: { paddingInline: 8 },
        endIcon: { marginLeft: 2 },
      },
    },
    MuiIconButton: {
      defaultProps: { size: 'small', color: 'inherit' },
      styleOverrides: {
        root: {
          borderRadius: 3,
          padding: 6,
          '&.Mui-disabled': { color: token('muted'), opacity: 0.5 },
        },
      },
    },
    MuiSvgIcon: { styleOverrides: { root: { fontSize: 20 } } },
    MuiToggleButton: {
      defaultProps: { size: 'small' },
      styleOverrides: {
        root: {
          minHeight: 28,
          paddingBlock: 2,
          paddingInline: 8,
          color: token('ink'),
          borderColor: token('muted'),
          backgroundColor: token('field'),
          fontWeight: 400,
          '&.Mui-selected, &.Mui-selected:hover': {
            color: token('paper'),
            backgroundColor: token('ink'),
            fontWeight: 600,
            ...reversed,
          },
        },
      },
    },
    MuiCheckbox: {
      defaultProps: { size: 'small' },
      styleOverrides: { root: { padding: 4, marginLeft: -4, color: token('muted') } },
    },
    MuiRadio: {
      defaultProps: { size: 'small' },
      styleOverrides: { root: { padding: 4, marginLeft: -4, color: token('muted') } },
    },
    MuiFormControlLabel: { styleOverrides: { label: { fontSize: SMALL } } },
    MuiFormControl: { styleOverrides: { root: { minWidth: 0 } } },
    MuiFormLabel: {
      styleOverrides: {
        root: {
          fontSize: TEXT,
          lineHeight: 1.45,
          color: token('ink'),
          '&.Mui-focused, &.Mui-error': { color: token('ink') },
        },
      },
    },
    MuiTextField: { defaultProps: { size: 'small', variant: 'outlined' } },
    MuiOutlinedInput: {
      defaultProps: { size: 'small', notched: false },
      styleOverrides: {
        root: {
          fontSize: TEXT,
          fontVariantNumeric: 'tabular-nums',
          backgroundColor: token('field'),
          '&[data-state="worked-out"]': {
            fontStyle: 'italic',
            '& .MuiOutlinedInput-notchedOutline': { borderStyle: 'dashed' },
          },
          '&.Mui-focused .MuiOutlinedInput-notchedOutline': { borderColor: token('ink') },
        },
        input: { height: 20, paddingBlock: 4, paddingInline: 8 },
        multiline: { padding: '2px 0' },
        notchedOutline: { borderColor: token('muted'), top: 0, '& legend': { display: 'none' } },
      },
    },
    MuiNativeSelect: { styleOverrides: { select: { minHeight: 0 }, icon: { right: 2 } } },
    MuiInputAdornment: {
      styleOverrides: { root: { '& .MuiTypography-root': { fontSize: SMALL } } },
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
          fontSize: SMALL,
        },
      },
    },
    MuiFormHelperText: {
      styleOverrides: {
        root: { marginInline: 0, marginTop: 1, fontSize: SMALL, lineHeight: 1.35 },
      },
    },
    MuiPaper: {
      defaultProps: { elevation: 0 },
      styleOverrides: { root: { backgroundImage: 'none' } },
    },
    MuiMenu: {
      styleOverrides: {
        paper: { border: hairline, boxShadow: '0 6px 18px rgb(0 0 0 / 18%)' },
        list: { paddingBlock: 4 },
      },
    },
    MuiMenuItem: { styleOverrides: { root: { minHeight: 30, fontSize: TEXT, paddingBlock: 3 } } },
    MuiListSubheader: {
      styleOverrides: {
        root: { lineHeight: '26px', fontSize: SMALL, background: 'none', color: token('muted') },
      },
    },
    MuiDialog: { styleOverrides: { paper: { border: hairline } } },
    MuiTooltip: {
      defaultProps: { enterDelay: 400, disableInteractive: true },
      styleOverrides: {
        tooltip: { fontSize: SMALL, color: token('paper'), backgroundColor: token('ink') },
      },
    },
    MuiTabs: {
      styleOverrides: {
        root: { minHeight: 40, borderBottom: hairline },
        indicator: { height: 3, backgroundColor: token('ink') },
      },
    },
    MuiTab: {
      styleOverrides: {
        root: {
          minHeight: 40,
          minWidth: 0,
          paddingInline: 0,
          marginRight: 20,
          fontWeight: 400,
          whiteSpace: 'nowrap',
          '&.Mui-selected': { fontWeight: 600 },
        },
      },
    },
    MuiTableCell: {
      styleOverrides: {
        root: {
          fontSize: SMALL,
          lineHeight: 1.4,
          padding: '4px 12px 4px 0',
          borderBottom: hairline,
          color: token('ink'),
        },
        head: { color: token('muted'), fontWeight: 400, borderBottomColor: token('ink') },
      },
    },
    MuiAccordion: {
      defaultProps: { disableGutters: true, square: true },
      styleOverrides: {
        root: { backgroundColor: 'transparent', '&::before': { display: 'none' } },
      },
    },
    MuiAccordionSummary: {
      styleOverrides: {
        root: {
          minHeight: 32,
          padding: 0,
          flexDirection: 'row-reverse',
          gap: 4,
          font: 'inherit',
        },
        content: { margin: 0, fontSize: TEXT },
        expandIconWrapper: { transform: 'rotate(-90deg)', '&.Mui-expanded': { transform: 'none' } },
      },
    },
    MuiAccordionDetails: { styleOverrides: { root: { padding: '0 0 8px' } } },
    MuiSnackbar: {
      styleOverrides: {
        root: {
          // Over the names in the title block: nothing is pressed there, and a block’s acts, 458 wide, stay free.
          '@media (min-width: 901px)': {
            inset: '4px auto auto 72px',
            maxWidth: 'calc(100vw - 72px - 474px)',
          },
          // Over the places at the foot of a phone.
          '@media (max-width: 600px)': { bottom: 72 },
          '@media print': { display: 'none' },
        },
      },
    },
    MuiSnackbarContent: {
      styleOverrides: {
        root: {
          flexWrap: 'nowrap',
          fontSize: TEXT,
          color: token('paper'),
          backgroundColor: token('ink'),
          padding: '2px 12px',
          maxWidth: 560,
          // Both lines of a title, or neither.
          '@media (min-width: 901px)': { minHeight: 48 },
        },
        message: { lineHeight: 1.3 },
        action: { color: token('paper') },
      },
    },
    MuiBottomNavigation: { styleOverrides: { root: { backgroundColor: 'transparent' } } },
    MuiBottomNavigationAction: {
      styleOverrides: {
        root: {
          minWidth: 0,
          padding: 4,
          color: token('railInk'),
          borderTop: '3px solid transparent',
          '&.active': { borderTopColor: token('railMark'), fontWeight: 600 },
          '&.Mui-selected': { color: token('railInk') },
        },
        label: { fontSize: SMALL, '&.Mui-selected': { fontSize: SMALL } },
      },
    },
    MuiChip: {
      defaultProps: { size: 'small' },
      styleOverrides: { root: { borderRadius: 3, fontSize: SMALL } },
    },
    MuiSkeleton: { styleOverrides: { root: { backgroundColor: token('toCome') } } },
    MuiLinearProgress: {
      styleOverrides: { root: { height: 3, backgroundColor: token('hairline') } },
    },
    MuiAlert: { styleOverrides: { root: { fontSize: TEXT, padding: '2px 12px' } } },
  },
});
