/**
 * What a first page asks and reads: addresses of routes, and the answers that it
 * waits for. The rest of the contract comes when a block is opened.
 */
import { coach, session } from './api/bodies.js';
import { glances } from './api/glances.js';
import type { RouteName } from './api/paths.js';
import type { Route } from './api/routes.js';

export { refusal } from './api/bodies.js';

/** The answers that are read without the rest of the contract. */
export const firstAnswers: Partial<Readonly<Record<RouteName, Route['answer']>>> = {
  session,
  saveSettings: coach,
  glances,
};
