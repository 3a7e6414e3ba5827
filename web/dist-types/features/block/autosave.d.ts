import { type DeskState } from './desk.js';
export declare const autosave: import('@reduxjs/toolkit').ListenerMiddlewareInstance<
  {
    desk: DeskState;
  },
  import('redux-thunk').ThunkDispatch<
    {
      desk: DeskState;
    },
    unknown,
    import('redux').UnknownAction
  >,
  unknown
>;
