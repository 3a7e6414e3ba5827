import type { PaceModelName } from '../spec/choices/index.js';
import { criticalSpeed } from './critical-speed.js';
import { ladder } from './step-model.js';
import type { PaceModel } from './model.js';
import { personalPowerLaw } from './personal-power-law.js';
import { powerLaw } from './power-law.js';

/** Every pace model. Adding one is one file and one line. */
export const paceModels: Readonly<Record<PaceModelName, PaceModel>> = {
  'power-law': powerLaw,
  'personal-power-law': personalPowerLaw,
  'critical-speed': criticalSpeed,
  ladder,
};
