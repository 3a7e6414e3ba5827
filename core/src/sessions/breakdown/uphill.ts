import type { Part } from '../shorthand/session.js';

/** True where some of it is run uphill: there no pace says how hard it is. */
export function isUphill(parts: readonly Part[]): boolean {
  return parts.some((part) => {
    switch (part.kind) {
      case 'repeat':
      case 'run':
        return part.piece.uphill;
      case 'set':
        return isUphill(part.parts);
      case 'including':
        return part.piece.uphill || isUphill(part.parts);
      case 'ladder':
        return part.uphill;
      default:
        return false;
    }
  });
}
