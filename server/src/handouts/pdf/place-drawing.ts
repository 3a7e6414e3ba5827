import SVGtoPDF from 'svg-to-pdfkit';
import type { Face } from '../fonts.js';
import { svgFile } from '../drawing/svg.js';
import type { Ink } from './ink.js';

/** Puts a drawing on a page, in the page’s own points. */
export function placeDrawing(
  ink: Ink,
  drawn: string,
  page: { width: number; height: number },
): void {
  SVGtoPDF(ink.doc, svgFile(drawn, page, ''), 0, 0, {
    assumePt: true,
    fontCallback: (family, bold, italic): Face =>
      family === 'Newsreader' || italic ? 'italic' : bold ? 'bold' : 'sans',
  });
}
