import { createListenerMiddleware, isRejectedWithValue } from '@reduxjs/toolkit';
import { api } from '../api/api.js';
import type { CallError } from '../api/call-error.js';

/** A sign-in that ran out shows the sign-in page; what was being edited is kept as a draft. */
export const signedOut = createListenerMiddleware();

signedOut.startListening({
  matcher: isRejectedWithValue,
  effect: ({ payload }, { dispatch }) => {
    const error = payload as CallError;
    if (error.kind === 'refused' && error.refusal.code === 'not-signed-in') {
      dispatch(api.util.invalidateTags(['Session']));
    }
  },
});
