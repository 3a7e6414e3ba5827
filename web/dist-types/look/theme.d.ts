import { type Theme } from '@mui/material/styles';
export declare const TEXT_FACE = '"Source Sans 3", system-ui, sans-serif';
export declare const DISPLAY_FACE = '"Newsreader", Georgia, serif';
/** The component library in our paper and ink: dense, flat, hairlines, a visible focus. */
export declare function createNadirTheme(mode: 'light' | 'dark'): Theme;
