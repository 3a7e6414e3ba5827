import {
  type AthleteAnswer,
  type AthleteBody,
  type BlockAnswer,
  type BlockHistory,
  type BlockList,
  type Coach,
  type FirstCoachBody,
  type HouseRulesBody,
  type LibraryBody,
  type NewBlockBody,
  type PacesBody,
  type Refusal,
  type Route,
  type SaveBlockBody,
  type Session,
  type SettingsChange,
  type SignInBody,
  type Squad,
  type TemplateAnswer,
  type TemplateBody,
  type TemplateList,
  refusal,
  routes,
} from '@nadir/contract';
import { type BaseQueryFn, createApi } from '@reduxjs/toolkit/query/react';

/** Why a call did not succeed: no server, a refusal, or an answer nobody can read. */
export type CallError =
  | { kind: 'away' }
  | { kind: 'refused'; status: number; refusal: Refusal }
  | { kind: 'unreadable'; status: number };

export interface Call {
  route: Route;
  id?: string;
  body?: unknown;
}

/** Calls a route of the contract and parses what it answers. */
const call: BaseQueryFn<Call, unknown, CallError> = async ({ route, id = '', body }) => {
  let response: Response;
  let text: string;
  try {
    response = await fetch(route.path.replace('{id}', encodeURIComponent(id)), {
      method: route.method,
      ...(body !== undefined && {
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      }),
    });
    text = await response.text();
  } catch {
    return { error: { kind: 'away' } };
  }
  const answer = parseJson(text);
  if (!response.ok) {
    const refused = refusal.safeParse(answer);
    // A gateway that answers for a server that is down does not speak our refusals.
    if (!refused.success)
      return { error: response.status >= 502 ? { kind: 'away' } : unreadable(response) };
    return { error: { kind: 'refused', status: response.status, refusal: refused.data } };
  }
  const parsed = route.answer.safeParse(answer);
  return parsed.success ? { data: parsed.data } : { error: unreadable(response) };
};

function unreadable({ status }: Response): CallError {
  return { kind: 'unreadable', status };
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** One sentence for what went wrong and what to do. */
export function errorSentence(error: CallError): string {
  switch (error.kind) {
    case 'away':
      return 'The server does not answer. What you entered is still here; try again when it is back.';
    case 'refused':
      return [
        error.refusal.message,
        ...(error.refusal.problems ?? []).map(({ message }) => message),
      ].join(' ');
    case 'unreadable':
      return `The server’s answer cannot be read (${error.status}). Reload the page; nothing was lost.`;
  }
}

export const api = createApi({
  baseQuery: call,
  tagTypes: ['Session', 'Squad', 'Block', 'History', 'Templates'],
  endpoints: (build) => ({
    session: build.query<Session, void>({
      query: () => ({ route: routes.session }),
      providesTags: ['Session'],
    }),
    signIn: build.mutation<Coach, SignInBody>({
      query: (body) => ({ route: routes.signIn, body }),
    }),
    signInDemo: build.mutation<Coach, void>({
      query: () => ({ route: routes.signInDemo }),
    }),
    firstCoach: build.mutation<Coach, FirstCoachBody>({
      query: (body) => ({ route: routes.firstCoach, body }),
    }),
    signOut: build.mutation<unknown, void>({ query: () => ({ route: routes.signOut }) }),
    saveSettings: build.mutation<Coach, SettingsChange>({
      query: (body) => ({ route: routes.saveSettings, body }),
      // Shown at once; taken back if it is refused.
      onQueryStarted: async (change, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('session', undefined, ({ coach }) => {
            if (coach) Object.assign(coach.settings, change);
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    saveHouseRules: build.mutation<Coach, HouseRulesBody>({
      query: (body) => ({ route: routes.saveHouseRules, body }),
      // Shown at once; taken back if it is refused.
      onQueryStarted: async (changes, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('session', undefined, ({ coach }) => {
            if (coach) coach.houseRules = changes;
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    savePaces: build.mutation<Coach, PacesBody>({
      query: (body) => ({ route: routes.savePaces, body }),
      // Shown at once; taken back if it is refused.
      onQueryStarted: async ({ table }, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('session', undefined, ({ coach }) => {
            if (coach) coach.paces = table;
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    saveLibrary: build.mutation<Coach, LibraryBody>({
      query: (body) => ({ route: routes.saveLibrary, body }),
      // Shown at once; taken back if it is refused.
      onQueryStarted: async ({ families }, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('session', undefined, ({ coach }) => {
            if (coach) coach.library = families;
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    squad: build.query<Squad, void>({
      query: () => ({ route: routes.squad }),
      providesTags: ['Squad'],
    }),
    addAthlete: build.mutation<AthleteAnswer, AthleteBody>({
      query: (body) => ({ route: routes.addAthlete, body }),
      invalidatesTags: ['Squad'],
    }),
    addBlock: build.mutation<BlockAnswer, NewBlockBody>({
      query: (body) => ({ route: routes.addBlock, body }),
      invalidatesTags: ['Squad'],
    }),
    blocks: build.query<BlockList, void>({
      query: () => ({ route: routes.blocks }),
      providesTags: ['Squad'],
    }),
    removeBlock: build.mutation<unknown, string>({
      query: (id) => ({ route: routes.removeBlock, id }),
      invalidatesTags: ['Squad'],
    }),
    putBackBlock: build.mutation<BlockAnswer, string>({
      query: (id) => ({ route: routes.putBackBlock, id }),
      invalidatesTags: ['Squad'],
    }),
    blockHistory: build.query<BlockHistory, string>({
      query: (id) => ({ route: routes.blockHistory, id }),
      providesTags: ['History'],
    }),
    templates: build.query<TemplateList, void>({
      query: () => ({ route: routes.templates }),
      providesTags: ['Templates'],
    }),
    addTemplate: build.mutation<TemplateAnswer, TemplateBody>({
      query: (body) => ({ route: routes.addTemplate, body }),
      invalidatesTags: ['Templates'],
    }),
    removeTemplate: build.mutation<unknown, string>({
      query: (id) => ({ route: routes.removeTemplate, id }),
      invalidatesTags: ['Templates'],
    }),
    block: build.query<BlockAnswer, string>({
      query: (id) => ({ route: routes.block, id }),
      providesTags: ['Block'],
    }),
    saveBlock: build.mutation<BlockAnswer, { id: string; body: SaveBlockBody }>({
      query: ({ id, body }) => ({ route: routes.saveBlock, id, body }),
      invalidatesTags: ['Squad', 'History'],
    }),
  }),
});

export const {
  useSessionQuery,
  useSignInMutation,
  useSignInDemoMutation,
  useFirstCoachMutation,
  useSignOutMutation,
  useSaveSettingsMutation,
  useSquadQuery,
  useLazySquadQuery,
  useAddAthleteMutation,
  useAddBlockMutation,
  useBlockQuery,
  useBlocksQuery,
  useRemoveBlockMutation,
  usePutBackBlockMutation,
  useBlockHistoryQuery,
  useTemplatesQuery,
  useAddTemplateMutation,
  useRemoveTemplateMutation,
  useSaveHouseRulesMutation,
  useSavePacesMutation,
  useSaveLibraryMutation,
} = api;
