import { createRequire } from 'node:module';
import { openSync } from 'fontkit';

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
export const faces = Object.keys(fontFiles) as Face[];

const opened = new Map<Face, PDFKit.Mixins.PDFFontSource>();

/** A face, opened once for all sheets of its thread: to read its tables takes longer than to set a page in it. */
export function fontOf(face: Face): PDFKit.Mixins.PDFFontSource {
  // An opened font is taken as its file is; the types know files and bytes alone.
  const font = opened.get(face) ?? (openSync(fontFiles[face]) as unknown as Uint8Array);
  opened.set(face, font);
  return font;
}

/** Latin letters and the usual marks: what the display face has. Greek and Cyrillic are the other’s. */
const IN_DISPLAY = /^[\u0020-\u024f\u1e00-\u1eff\u2010-\u203a]*$/u;

/** The face that has every letter of a text: names of any script are whole. */
export function faceFor(text: string, wished: Face): Face {
  const isDisplay = wished === 'display' || wished === 'italic';
  if (!isDisplay || IN_DISPLAY.test(text)) return wished;
  return wished === 'display' ? 'bold' : 'sans';
}
