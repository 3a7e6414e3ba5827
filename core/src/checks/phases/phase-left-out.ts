import { phaseLayouts } from '../../layout/schools/index.js';
import { check } from '../common/check.js';

/** A phase of the layout that got no week. Value: phases laid out; limit: phases of the layout. */
export const phaseLeftOut = check({
  code: 'phase-left-out',
  level: 'note',
  run({ block: { phases, spec } }) {
    const { layout, own } = spec.phases;
    // The taper comes on top of a layout's own parts.
    const limit = layout === 'own' ? own.length : phaseLayouts[layout].parts.length + 1;
    const value = phases.length;
    // A last part that sharpens before it tapers may be all taper.
    const folded = phaseLayouts[layout].taperIsAPart === true ? 1 : 0;
    return value < limit - folded ? [{ weeks: [1], value, limit: limit - folded }] : [];
  },
});
