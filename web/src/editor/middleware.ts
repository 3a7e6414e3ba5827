import { createDynamicMiddleware } from '@reduxjs/toolkit';

/** Takes up what an open block needs of the store; a page without one does not wait for it. */
export const editorMiddleware = createDynamicMiddleware();
