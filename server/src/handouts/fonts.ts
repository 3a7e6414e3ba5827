import { createRequire } from 'node:module';

const { resolve } = createRequire(import.meta.url);

/** The letters that ship with the application, as TrueType files. */
export const fontFiles = {
  sans: resolve('@expo-google-fonts/source-sans-3/400Regular/SourceSans3_400Regular.ttf'),
  bold: resolve('@expo-google-fonts/source-sans-3/600SemiBold/SourceSans3_600SemiBold.ttf'),
  display: resolve('@expo-google-fonts/newsreader/500Medium/Newsreader_500Medium.ttf'),
  italic: resolve(
    '@expo-google-fonts/newsreader/400Regular_Italic/Newsreader_400Regular_Italic.ttf',
  ),
} as const;
export type Face = keyof typeof fontFiles;

/** Latin letters and the usual marks: what the display face has. Greek and Cyrillic are the other’s. */
const IN_DISPLAY = /^[\u0020-\u024f\u1e00-\u1eff\u2010-\u203a]*$/u;

/** The face that has every letter of a text: names of any script are whole. */
export function faceFor(text: string, wished: Face): Face {
  const isDisplay = wished === 'display' || wished === 'italic';
  if (!isDisplay || IN_DISPLAY.test(text)) return wished;
  return wished === 'display' ? 'bold' : 'sans';
}
