import { faceFor } from '../fonts.js';
import { type Box, figure } from './hatch.js';

type Point = readonly [x: number, y: number];

/** How words stand on a drawing; sizes in points. */
export interface Lettering {
  x: number;
  y: number;
  size: number;
  anchor?: 'start' | 'middle' | 'end';
  font?: 'bold' | 'italic';
}

export function path(d: string, width: number, fill = 'none'): string {
  return d === ''
    ? ''
    : `<path d="${d}" fill="${fill}" stroke="black" stroke-width="${width}" stroke-linejoin="miter"/>`;
}

export function line([x1, y1]: Point, [x2, y2]: Point, width: number, dashes?: string): string {
  const dashed = dashes === undefined ? '' : ` stroke-dasharray="${dashes}"`;
  return `<path d="M${figure(x1)} ${figure(y1)}L${figure(x2)} ${figure(y2)}" fill="none" stroke="black" stroke-width="${width}"${dashed}/>`;
}

/** Without an edge where its width is 0. */
export function rect({ x, y, width, height }: Box, edge: number, fill = 'none'): string {
  const stroke = edge === 0 ? 'stroke="none"' : `stroke="black" stroke-width="${edge}"`;
  return `<rect x="${figure(x)}" y="${figure(y)}" width="${figure(width)}" height="${figure(height)}" fill="${fill}" ${stroke}/>`;
}

export function words(text: string, { x, y, size, anchor = 'start', font }: Lettering): string {
  const isItalic = font === 'italic' && faceFor(text, 'italic') === 'italic';
  const family = isItalic ? 'Newsreader' : 'Source Sans 3';
  const style = isItalic ? ' font-style="italic"' : '';
  const weight = font === 'bold' ? ' font-weight="600"' : '';
  return `<text x="${figure(x)}" y="${figure(y)}" font-family="${family}" font-size="${figure(size)}"${style}${weight} text-anchor="${anchor}" fill="black">${escaped(text)}</text>`;
}

/** The whole of a drawing as a file; on paper of its own unless it is laid on some. */
export function svgFile(
  drawn: string,
  { width, height }: Pick<Box, 'width' | 'height'>,
  ground = `<rect width="${width}" height="${height}" fill="white"/>`,
): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${ground}${drawn}</svg>`;
}

function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}
