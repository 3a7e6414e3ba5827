import { configureStore } from '@reduxjs/toolkit';
import { laterMiddleware, laterReducers } from '../editor/later.js';
import { api } from '../api/api.js';
import { signedOut } from './signed-out.js';

/** One store a page; a fresh one for each test. */
export function createStore() {
  return configureStore({
    reducer: laterReducers,
    middleware: (defaults) =>
      defaults().prepend(laterMiddleware.middleware, signedOut.middleware).concat(api.middleware),
  });
}
