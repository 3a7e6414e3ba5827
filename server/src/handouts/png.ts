import { Resvg } from '@resvg/resvg-js';
import { fontFiles } from './fonts.js';

/** Sharp on a screen of twice the dots, and in a message. */
const WIDTH = 2400;

/** A drawing as a picture. */
export function pngOf(svg: string): Uint8Array {
  const font = {
    fontFiles: Object.values(fontFiles),
    loadSystemFonts: false,
    defaultFontFamily: 'Source Sans 3',
  };
  return new Resvg(svg, { font, fitTo: { mode: 'width', value: WIDTH } }).render().asPng();
}
