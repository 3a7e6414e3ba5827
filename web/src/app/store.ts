import { configureStore } from '@reduxjs/toolkit';
import { editorReducer } from '../editor/editor-slice.js';
import { editorMiddleware } from '../editor/middleware.js';
import { api } from '../api/api.js';
import { signedOut } from './signed-out.js';

/** One store a page; a fresh one for each test. */
export function createStore() {
  return configureStore({
    reducer: { [api.reducerPath]: api.reducer, editor: editorReducer },
    middleware: (defaults) =>
      defaults().prepend(editorMiddleware.middleware, signedOut.middleware).concat(api.middleware),
  });
}
