'use client';

import { createTheme } from '@mui/material/styles';
import { rem } from './rem';

const BODY = "'Atkinson Hyperlegible Next Variable', sans-serif";
const NAMES = "'Bricolage Grotesque Variable', sans-serif";
/** The lopsided corner of everything that can be pressed: a loaf’s shoulder. */
const SHOULDER = '10px 24px 24px 10px / 10px 20px 20px 10px';

const light = {
  ink: '#241E19',
  ink2: '#5A5046',
  paper: '#FAF6EC',
  flour: '#EFE8D9',
  line: '#CFC4AE',
  ripe: '#B3471B',
};
const dark = {
  ink: '#F5ECDD',
  ink2: '#BFB1A0',
  paper: '#1E1A17',
  flour: '#14110F',
  line: '#3C342C',
  ripe: '#FF8F5E',
};

const palette = (c: typeof light) => ({
  primary: { main: c.ink, contrastText: c.paper },
  secondary: { main: c.ink2, contrastText: c.paper },
  error: { main: c.ripe, contrastText: c.paper },
  text: { primary: c.ink, secondary: c.ink2 },
  background: { default: c.flour, paper: c.paper },
  divider: c.line,
});

/** MUI in the look of Olvik: flat, ink on paper, one inverted thing a screen. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: { light: { palette: palette(light) }, dark: { palette: palette(dark) } },
  typography: {
    fontFamily: BODY,
    fontSize: 15,
    h1: {
      fontFamily: NAMES,
      fontStretch: '78%',
      fontWeight: 700,
      fontSize: rem(27),
      lineHeight: 1.1,
    },
    h2: {
      fontFamily: NAMES,
      fontStretch: '78%',
      fontWeight: 650,
      fontSize: rem(20),
      lineHeight: 1.2,
    },
    h3: {
      fontFamily: NAMES,
      fontStretch: '78%',
      fontWeight: 650,
      fontSize: rem(17),
      lineHeight: 1.2,
    },
    button: { fontWeight: 700, fontSize: rem(16), textTransform: 'none' },
    caption: { fontSize: rem(13) },
    body2: { fontSize: rem(14) },
  },
  shape: { borderRadius: 10 },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: 'outlined' },
      styleOverrides: {
        root: {
          // A word on a button is legible at once, also while it becomes one that can be pressed.
          transition: 'none',
          minHeight: 48,
          borderRadius: SHOULDER,
          borderWidth: 2,
          borderColor: 'var(--ink)',
          paddingInline: 20,
          '&:hover': { borderWidth: 2 },
        },
        sizeLarge: { minHeight: 56, fontSize: rem(18) },
        sizeSmall: { minHeight: 44, paddingInline: 14, fontSize: rem(15) },
        outlined: { background: 'var(--paper)' },
      },
    },
    MuiIconButton: { styleOverrides: { root: { width: 44, height: 44, color: 'var(--ink)' } } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiDialog: {
      styleOverrides: {
        paper: { borderRadius: '14px 34px 34px 14px', border: '2px solid var(--ink)' },
      },
    },
    MuiTextField: { defaultProps: { variant: 'standard', fullWidth: true } },
    MuiInputLabel: {
      defaultProps: { shrink: true },
      styleOverrides: { root: { color: 'var(--ink2)' } },
    },
    MuiInput: {
      styleOverrides: {
        root: { fontSize: rem(18), minHeight: 44, '&::before': { borderColor: 'var(--edge2)' } },
      },
    },
    MuiFormHelperText: {
      styleOverrides: { root: { fontSize: rem(14), '&.Mui-error': { fontWeight: 700 } } },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          minHeight: 56,
          borderWidth: 2,
          borderColor: 'var(--line)',
          color: 'var(--ink)',
          fontSize: rem(16),
          '&.Mui-selected, &.Mui-selected:hover': {
            background: 'var(--ink)',
            color: 'var(--paper)',
          },
        },
      },
    },
    MuiMenuItem: { styleOverrides: { root: { minHeight: 48, fontSize: rem(17) } } },
    MuiTooltip: {
      styleOverrides: {
        tooltip: { fontSize: rem(14), background: 'var(--ink)', color: 'var(--paper)' },
      },
    },
    MuiSnackbarContent: {
      styleOverrides: {
        root: {
          background: 'var(--ink)',
          color: 'var(--paper)',
          fontSize: rem(16),
          borderRadius: SHOULDER,
        },
      },
    },
  },
});
