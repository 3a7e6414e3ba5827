import type { HandoutOrder } from '@nadir/contract';
import PDFDocument from 'pdfkit';
import { type Face, faceFor, faces, fontOf } from '../fonts.js';

/** The code of the athlete’s page: squares a side, and paths of the dark ones. */
export type SheetCode = NonNullable<HandoutOrder['code']>;

/** How words stand on a page. */
export interface Style {
  face?: Face;
  /** Points. */
  size: number;
  anchor?: 'start' | 'middle' | 'end';
}

/** A page that is written on: words on their baseline, lines and boxes. */
export class Ink {
  readonly doc: PDFKit.PDFDocument;

  constructor(
    /** Points. */
    readonly page: { width: number; height: number },
    about: { title: string; author: string },
  ) {
    this.doc = new PDFDocument({
      size: [page.width, page.height],
      margin: 0,
      autoFirstPage: true,
      lang: 'en-GB',
      displayTitle: true,
      info: { Title: about.title, Author: about.author, Creator: 'Nadir' },
    });
    for (const face of faces) this.doc.registerFont(face, fontOf(face));
  }

  /** Words on a baseline; what they take, points. */
  words(text: string, x: number, y: number, style: Style): number {
    const width = this.width(text, style);
    const { anchor = 'start' } = style;
    const left = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
    this.doc.fillColor('black').text(text, left, y, { lineBreak: false, baseline: 'alphabetic' });
    return width;
  }

  /** What words take in a line, points. */
  width(text: string, { face = 'sans', size }: Style): number {
    return this.doc.font(faceFor(text, face)).fontSize(size).widthOfString(text);
  }

  /** The style, its letters small enough for a room: what is long is set smaller, never cut. */
  fitting(text: string, style: Style, room: number): Style {
    const width = Math.max(1, this.width(text, style));
    return { ...style, size: Math.min(style.size, (style.size * room) / width) };
  }

  /** Words in as many lines as a width asks for. */
  wrapped(text: string, width: number, style: Style): string[] {
    const lines: string[] = [];
    for (const word of text.split(' ')) {
      const last = lines.at(-1);
      const longer = last === undefined ? word : `${last} ${word}`;
      if (last !== undefined && this.width(longer, style) <= width)
        lines[lines.length - 1] = longer;
      else lines.push(word);
    }
    return lines;
  }

  line(x1: number, y1: number, x2: number, y2: number, width = 0.5): void {
    this.doc.lineWidth(width).strokeColor('black').moveTo(x1, y1).lineTo(x2, y2).stroke();
  }

  box(x: number, y: number, width: number, height: number, edge = 0.6): void {
    this.doc.lineWidth(edge).strokeColor('black').rect(x, y, width, height).stroke();
  }

  bar(x: number, y: number, width: number, height: number): void {
    this.doc.rect(x, y, width, height).fill('black');
  }

  /** A code for a camera, its upper right corner here; the paper about it is its margin. */
  code({ size, path }: SheetCode, right: number, y: number, side: number): void {
    this.doc
      .save()
      .translate(right - side, y)
      .scale(side / size)
      .path(path)
      .fill('black')
      .restore();
  }

  /** The sign of what is other than on the sheet before: a triangle in a corner. */
  changed(right: number, y: number, side: number): void {
    this.doc
      .moveTo(right - side, y)
      .lineTo(right, y)
      .lineTo(right, y + side)
      .fill('black');
  }

  /** The file, once all is written. */
  async file(): Promise<Uint8Array> {
    const parts: Buffer[] = [];
    const done = new Promise<void>((resolve, reject) => {
      this.doc.on('data', (part: Buffer) => parts.push(part));
      this.doc.on('end', resolve);
      this.doc.on('error', reject);
    });
    this.doc.end();
    await done;
    return Buffer.concat(parts);
  }
}
