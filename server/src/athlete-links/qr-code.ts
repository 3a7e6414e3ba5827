import { create } from 'qrcode';

/** Dark squares of a code that a camera reads, as paths of one unit a square. */
export interface QrCode {
  /** Squares a side. */
  size: number;
  /** `M0 0h7v1h-7z…`: one rectangle for each run of dark squares of a row. */
  path: string;
}

/** The code of an address, made so that a smudge on paper does not spoil it (ISO/IEC 18004, level M). */
export function qrCodeOf(address: string): QrCode {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  const { size, data } = modules;
  let path = '';
  for (let y = 0; y < size; y += 1) {
    for (let x = 0; x < size; x += 1) {
      if (!data[y * size + x]) continue;
      const from = x;
      while (x < size && data[y * size + x]) x += 1;
      path += `M${from} ${y}h${x - from}v1h${from - x}z`;
    }
  }
  return { size, path };
}
