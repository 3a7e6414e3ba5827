import type { Coach, Coaching } from '@nadir/contract';
import type { SignedIn } from '../api/session.js';

export const coach: Coach = {
  id: '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a11',
  name: 'Maren Tolvik',
  email: 'maren@skerrylane.example',
  settings: {
    unit: 'athlete',
    step: 1,
    theme: 'light',
    weekStartsOn: 'monday',
    ledgerRows: 'all',
    singleKeys: true,
  },
};

/** A coach who coaches by the product's own. */
export const coaching: Coaching = { houseRules: {}, paces: null, library: [] };

/** The coach signed in on a day of the demo. */
export const signedIn: SignedIn = {
  today: '2027-02-10',
  demo: false,
  firstCoachWanted: false,
  coach,
};
