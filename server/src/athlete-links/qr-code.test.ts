import { Resvg } from '@resvg/resvg-js';
import jsqr from 'jsqr';
import { describe, expect, it } from 'vitest';
import { qrCodeOf } from './qr-code.js';

// Two kinds of module give one function under two names.
const read = (jsqr as unknown as { default?: typeof jsqr.default }).default ?? jsqr.default;

describe('the code of a page', () => {
  it.each([
    'http://127.0.0.1:4700/a/#FZ64VkRC42XuaKlO78aDnU_8TmgM1A1YJnHegbnyJTc',
    'https://training.skerrylane.example/a/#____________________________________________',
  ])('is read by a camera as %s', (address) => {
    const { size, path } = qrCodeOf(address);
    const all = size + 8;
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-4 -4 ${all} ${all}"><rect x="-4" y="-4" width="${all}" height="${all}" fill="#fff"/><path d="${path}"/></svg>`;
    const image = new Resvg(svg, { fitTo: { mode: 'width', value: 4 * all } }).render();
    const pixels = new Uint8ClampedArray(image.pixels);
    expect(read(pixels, image.width, image.height)?.data).toBe(address);
  });
});
