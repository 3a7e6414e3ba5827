/* Words of signing in, in one place: to be read over, and translated. */

// DemoDoor
export const thisIsADemoWithSixInvented =
  'This is a demo with six invented athletes. No password is needed.';
export const signInAsMarenTolvik = 'Sign in as Maren Tolvik';

// FirstCoachForm
export const yourNameIsNeeded = 'Your name is needed.';
export const anEMailAddressIs = 'An e-mail address is needed.';
export const tenCharactersOrMorePlease = 'Ten characters or more, please.';
export const firstCoach = 'First coach';
export const nobodyIsHereYet = 'Nobody is here yet. Say who you are; the squad comes next.';
export const yourName = 'Your name';
export const eMail = 'E-mail';
export const password = 'Password';
export const tenCharactersOrMore = 'Ten characters or more.';
export const codeFromTheTerminal = 'Code from the terminal';
export const printedNextToTheAddressWhenNadir =
  'Printed next to the address when Nadir was started: it shows that this Nadir is yours.';
export const begin = 'Begin';

// SignInForm
export const yourPasswordIsNeeded = 'Your password is needed.';
export const signIn = 'Sign in';

// SignInPage
export const signInNadir = 'Sign in · Nadir';
export const nadir = 'Nadir';
export const theDeskOfADistanceRunningCoach = 'The desk of a distance running coach.';
export const youWereSignedOut =
  'You were signed out. What you changed is kept on this device and is saved once you sign in again.';
