/** A sign-in that ran out shows the sign-in page; what was being edited is kept as a draft. */
export declare const signedOut: import('@reduxjs/toolkit').ListenerMiddlewareInstance<
  unknown,
  import('redux-thunk').ThunkDispatch<unknown, unknown, import('redux').UnknownAction>,
  unknown
>;
