import { configureStore } from '@reduxjs/toolkit';
import { autosave } from '../desk/autosave.js';
import { deskReducer } from '../desk/desk.js';
import { api } from '../api/api.js';
import { signedOut } from './signed-out.js';

/** One store a page; a fresh one for each test. */
export function createStore() {
  return configureStore({
    reducer: { [api.reducerPath]: api.reducer, desk: deskReducer },
    middleware: (defaults) =>
      defaults().prepend(autosave.middleware, signedOut.middleware).concat(api.middleware),
  });
}
