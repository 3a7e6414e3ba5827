import { combineSlices, createDynamicMiddleware } from '@reduxjs/toolkit';
import { api } from '../api/api.js';
import type { WithEditor } from './editor-state.js';

/* What an open block needs of the store is taken up when it comes; a page without one does not wait for it. */

export const laterReducers = combineSlices(api).withLazyLoadedSlices<Required<WithEditor>>();
export const laterMiddleware = createDynamicMiddleware();
