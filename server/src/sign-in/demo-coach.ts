/** The demo's coach; signs in without a password, and only on a demo. */
export const DEMO_COACH = {
  name: 'Maren Tolvik',
  email: 'maren.tolvik@skerrylane.example',
} as const;
