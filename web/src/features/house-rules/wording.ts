/* Words of the house rules, in one place: to be read over, and translated. */

// ChecksSwitches
export const checks = 'Checks';
export const aCheckThatIsTurnedOff =
  'A check that is turned off is not made on blocks laid out from now on. Those at level stop always are: what could hurt someone is said.';
export const alwaysOn = ', always on';

// HouseRulesPage
export const houseRulesNadir = 'House rules · Nadir';
export const houseRules = 'House rules';
export const yourLimitsAndDefaults =
  'Your limits and defaults. Blocks already laid out keep theirs; each offers to take the new ones.';
export const saving = 'Saving …';
export const saved = 'Saved';
export const theLastChangeIsNotKept = (errorSentence: string) =>
  `${errorSentence} The last change is not kept.`;
export const findARule = 'Find a rule';
export const changedOnly = 'Changed only';
export const rule = 'Rule';
export const yours = 'Yours';
export const usual = 'Usual';
export const why = 'Why';
export const inYourBlocks = 'In your blocks';
