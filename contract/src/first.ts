/**
 * What a first page reads: the answers that it waits for, and refusals. The rest of
 * the contract comes when a block is opened.
 */
import { coach, glances, session } from './api/first-answers.js';
import type { RouteName } from './api/paths.js';
import type { Route } from './api/routes.js';

export { refused } from './api/first-answers.js';

/** The answers that are read without the rest of the contract. */
export const firstAnswers: Partial<Readonly<Record<RouteName, Route['answer']>>> = {
  session,
  signIn: coach,
  signInDemo: coach,
  firstCoach: coach,
  saveSettings: coach,
  glances,
};
