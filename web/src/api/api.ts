import {
  type AthleteAnswer,
  type AthleteBody,
  type AthletePreview,
  type AthletePreviewBody,
  type AthleteRecord,
  type AthleteStateBody,
  type RemovedList,
  type ArchiveBody,
  type ArchiveTaken,
  type BlockGlances,
  type BlockHistory,
  type BlockList,
  type BlockVersion,
  type CalendarBody,
  type CalendarState,
  type GroupCardBody,
  type HandoutBody,
  type HandoutFile,
  type HandoutList,
  type ChangeRecordBody,
  type Coach,
  type Coaching,
  type FirstCoachBody,
  type Flags,
  type Glances,
  type HouseRulesBody,
  type LibraryBody,
  type NewBlockBody,
  type OpenBlock,
  type LinkBody,
  type LinkState,
  type MailBody,
  type MailingBody,
  type Mails,
  type MoveAnswerBody,
  type MoveRequest,
  type MoveRequests,
  type PastBody,
  type PacesBody,
  type PasswordBody,
  type RecordChanged,
  type RecordQuery,
  type SaveAthleteBody,
  type SaveBlockBody,
  type Session,
  type SettingsChange,
  type SignInBody,
  type Squad,
  type TemplateAnswer,
  type Spreadsheet,
  type SpreadsheetBody,
  type TemplateBody,
  type TemplateList,
  type WatchBody,
  type WatchState,
  type WatchTracks,
  type WatchTracksQuery,
} from '@nadir/contract';
import { createApi } from '@reduxjs/toolkit/query/react';
import { v4 as uuid } from 'uuid';
import { call } from './call.js';
import { withChanges } from './with-changes.js';

/** The record of an athlete from one day to another. */
export type RecordOf = { id: string } & RecordQuery;

export const api = createApi({
  baseQuery: call,
  tagTypes: [
    'Session',
    'Squad',
    'Athlete',
    'Block',
    'History',
    'Record',
    'Link',
    'Requests',
    'Mails',
    'Templates',
    'Watch',
    'Handouts',
    'Calendar',
    'Flags',
  ],
  endpoints: (build) => ({
    session: build.query<Session, void>({
      query: () => ({ route: 'session' }),
      providesTags: ['Session'],
    }),
    signIn: build.mutation<Coach, SignInBody>({
      query: (body) => ({ route: 'signIn', body }),
    }),
    signInDemo: build.mutation<Coach, void>({
      query: () => ({ route: 'signInDemo' }),
    }),
    firstCoach: build.mutation<Coach, FirstCoachBody>({
      query: (body) => ({ route: 'firstCoach', body }),
    }),
    signOut: build.mutation<unknown, void>({ query: () => ({ route: 'signOut' }) }),
    savePassword: build.mutation<unknown, PasswordBody>({
      query: (body) => ({ route: 'savePassword', body }),
    }),
    saveSettings: build.mutation<Coach, SettingsChange>({
      query: (body) => ({ route: 'saveSettings', body }),
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
    coaching: build.query<Coaching, void>({ query: () => ({ route: 'coaching' }) }),
    saveHouseRules: build.mutation<Coaching, HouseRulesBody>({
      query: (body) => ({ route: 'saveHouseRules', body }),
      // Shown at once; taken back if it is refused.
      onQueryStarted: async (changes, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('coaching', undefined, (coaching) => {
            coaching.houseRules = changes;
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
      invalidatesTags: ['Flags'],
    }),
    savePaces: build.mutation<Coaching, PacesBody>({
      query: (body) => ({ route: 'savePaces', body }),
      // Shown at once; taken back if it is refused.
      onQueryStarted: async ({ table }, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('coaching', undefined, (coaching) => {
            coaching.paces = table;
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    handouts: build.query<HandoutList, string>({
      query: (id) => ({ route: 'handouts', id }),
      providesTags: ['Handouts'],
    }),
    handOut: build.mutation<HandoutFile, { id: string } & HandoutBody>({
      query: ({ id, ...body }) => ({ route: 'handOut', id, body }),
      invalidatesTags: ['Handouts'],
    }),
    readSpreadsheet: build.mutation<Spreadsheet, SpreadsheetBody>({
      query: (body) => ({ route: 'readSpreadsheet', body }),
    }),
    saveLibrary: build.mutation<Coaching, LibraryBody>({
      query: (body) => ({ route: 'saveLibrary', body }),
      // Shown at once; taken back if it is refused.
      onQueryStarted: async ({ families }, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          api.util.updateQueryData('coaching', undefined, (coaching) => {
            coaching.library = families;
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    squad: build.query<Squad, void>({
      query: () => ({ route: 'squad' }),
      providesTags: ['Squad'],
    }),
    glances: build.query<Glances, void>({
      query: () => ({ route: 'glances' }),
      providesTags: ['Squad'],
    }),
    blockGlances: build.query<BlockGlances, void>({
      query: () => ({ route: 'blockGlances' }),
      providesTags: ['Squad'],
    }),
    flags: build.query<Flags, void>({
      query: () => ({ route: 'flags' }),
      providesTags: ['Squad', 'Flags'],
    }),
    addAthlete: build.mutation<AthleteAnswer, AthleteBody>({
      query: (facts) => ({
        route: 'addAthlete',
        body: { id: uuid(), ...facts },
        mayRepeat: true,
      }),
      invalidatesTags: ['Squad'],
    }),
    athlete: build.query<AthleteAnswer, string>({
      query: (id) => ({ route: 'athlete', id }),
      providesTags: ['Athlete'],
    }),
    saveAthlete: build.mutation<AthleteAnswer, { id: string; body: SaveAthleteBody }>({
      query: ({ id, body }) => ({ route: 'saveAthlete', id, body }),
      // At once: an undo right after goes on from the revision that is stored now.
      onQueryStarted: async ({ id }, { dispatch, queryFulfilled }) => {
        const stored = await queryFulfilled.catch(() => undefined);
        if (stored) dispatch(api.util.updateQueryData('athlete', id, () => stored.data));
      },
      invalidatesTags: ['Athlete', 'Squad', 'Block', 'History'],
    }),
    previewAthlete: build.mutation<AthletePreview, { id: string; body: AthletePreviewBody }>({
      query: ({ id, body }) => ({ route: 'previewAthlete', id, body }),
    }),
    setAthleteState: build.mutation<AthleteAnswer, { id: string; body: AthleteStateBody }>({
      query: ({ id, body }) => ({ route: 'setAthleteState', id, body }),
      // It stands as it was answered at once: an undo of what comes next goes back to it.
      onQueryStarted: async ({ id }, { dispatch, queryFulfilled }) => {
        const changed = await queryFulfilled.catch(() => undefined);
        if (changed) dispatch(api.util.updateQueryData('athlete', id, () => changed.data));
      },
      invalidatesTags: ['Athlete', 'Squad'],
    }),
    record: build.query<AthleteRecord, RecordOf>({
      query: ({ id, from, to }) => ({ route: 'record', id, query: { from, to } }),
      providesTags: ['Record'],
    }),
    changeRecord: build.mutation<RecordChanged, RecordOf & { change: ChangeRecordBody }>({
      query: ({ id, change }) => ({ route: 'changeRecord', id, body: change }),
      // What was kept stands at once, under the revision an undo is made on.
      onQueryStarted: async ({ change: _, ...of }, { dispatch, queryFulfilled }) => {
        const changed = await queryFulfilled.catch(() => undefined);
        if (!changed) return;
        dispatch(api.util.updateQueryData('record', of, (kept) => withChanges(kept, changed.data)));
        // What was asked for before it was kept may come after it: it is asked for again then.
        const asked = dispatch(api.util.getRunningQueryThunk('record', of));
        if (!asked) return;
        await asked;
        const again = { subscribe: false, forceRefetch: true };
        void dispatch(api.endpoints.record.initiate(of, again));
      },
      invalidatesTags: (_, error) => (error ? ['Record'] : ['Squad']),
    }),
    calendar: build.query<CalendarState, string>({
      query: (id) => ({ route: 'calendar', id }),
      providesTags: ['Calendar'],
    }),
    changeCalendar: build.mutation<CalendarState, { id: string } & CalendarBody>({
      query: ({ id, ...body }) => ({ route: 'changeCalendar', id, body }),
      invalidatesTags: ['Calendar'],
    }),
    athleteLink: build.query<LinkState, string>({
      query: (id) => ({ route: 'athleteLink', id }),
      providesTags: ['Link'],
    }),
    changeAthleteLink: build.mutation<LinkState, { id: string } & LinkBody>({
      query: ({ id, ...body }) => ({ route: 'changeAthleteLink', id, body }),
      invalidatesTags: ['Link'],
    }),
    mails: build.query<Mails, string>({
      query: (id) => ({ route: 'mails', id }),
      providesTags: ['Mails'],
    }),
    saveMailing: build.mutation<Mails, { id: string } & MailingBody>({
      query: ({ id, ...body }) => ({ route: 'saveMailing', id, body }),
      invalidatesTags: ['Mails'],
    }),
    sendMail: build.mutation<Mails, { athleteId: string } & MailBody>({
      query: ({ athleteId, ...body }) => ({
        route: 'sendMail',
        id: athleteId,
        body,
        mayRepeat: true,
      }),
      invalidatesTags: ['Mails'],
    }),
    mailFile: build.query<HandoutFile, string>({
      query: (id) => ({ route: 'mailFile', id }),
      keepUnusedDataFor: 0,
    }),
    groupCard: build.mutation<HandoutFile, GroupCardBody>({
      query: (body) => ({ route: 'groupCard', body, mayRepeat: true }),
    }),
    allData: build.query<HandoutFile, undefined>({
      query: () => ({ route: 'allData' }),
      keepUnusedDataFor: 0,
    }),
    takeAllData: build.mutation<ArchiveTaken, ArchiveBody>({
      query: (body) => ({ route: 'takeAllData', body }),
      invalidatesTags: ['Squad', 'Athlete', 'Block', 'Session'],
    }),
    moveRequests: build.query<MoveRequests, string>({
      query: (id) => ({ route: 'moveRequests', id }),
      providesTags: ['Requests'],
    }),
    answerMoveRequest: build.mutation<MoveRequest, { id: string } & MoveAnswerBody>({
      query: ({ id, ...body }) => ({ route: 'answerMoveRequest', id, body }),
      invalidatesTags: ['Requests', 'Squad'],
    }),
    watch: build.query<WatchState, string>({
      query: (id) => ({ route: 'watch', id }),
      providesTags: ['Watch'],
    }),
    connectWatch: build.mutation<WatchState, { id: string } & WatchBody>({
      query: ({ id, ...body }) => ({ route: 'connectWatch', id, body }),
      invalidatesTags: ['Watch'],
    }),
    watchTracks: build.query<WatchTracks, { id: string; query: WatchTracksQuery }>({
      query: ({ id, query }) => ({ route: 'watchTracks', id, query }),
      // Tracks are large, and read once.
      keepUnusedDataFor: 0,
    }),
    addBlock: build.mutation<OpenBlock, NewBlockBody>({
      query: (body) => ({
        route: 'addBlock',
        body: { saveId: uuid(), ...body },
        mayRepeat: true,
      }),
      invalidatesTags: ['Squad'],
    }),
    blocks: build.query<BlockList, void>({
      query: () => ({ route: 'blocks' }),
      providesTags: ['Squad'],
    }),
    removeBlock: build.mutation<unknown, string>({
      query: (id) => ({ route: 'removeBlock', id }),
      invalidatesTags: ['Squad'],
    }),
    putBackBlock: build.mutation<OpenBlock, string>({
      query: (id) => ({ route: 'putBackBlock', id }),
      invalidatesTags: ['Squad'],
    }),
    blockHistory: build.infiniteQuery<BlockHistory, string, number | null>({
      query: ({ queryArg: id, pageParam }) => ({
        route: 'blockHistory',
        id,
        ...(pageParam !== null && { query: { before: String(pageParam) } }),
      }),
      infiniteQueryOptions: {
        initialPageParam: null,
        getNextPageParam: ({ changes, more }) => (more ? changes.at(-1)?.revision : undefined),
      },
      providesTags: ['History'],
    }),
    blockVersion: build.query<BlockVersion, { id: string; revision: number }>({
      query: ({ id, revision }) => ({ route: 'blockVersion', id, revision }),
    }),
    templates: build.query<TemplateList, void>({
      query: () => ({ route: 'templates' }),
      providesTags: ['Templates'],
    }),
    addTemplate: build.mutation<TemplateAnswer, TemplateBody>({
      query: (body) => ({ route: 'addTemplate', body }),
      invalidatesTags: ['Templates'],
    }),
    removeTemplate: build.mutation<unknown, string>({
      query: (id) => ({ route: 'removeTemplate', id }),
      invalidatesTags: ['Templates'],
    }),
    putBackTemplate: build.mutation<unknown, string>({
      query: (id) => ({ route: 'putBackTemplate', id }),
      invalidatesTags: ['Templates'],
    }),
    removed: build.query<RemovedList, void>({
      query: () => ({ route: 'removed' }),
      providesTags: ['Squad', 'Templates'],
    }),
    block: build.query<OpenBlock, string>({
      query: (id) => ({ route: 'block', id }),
      providesTags: ['Block'],
    }),
    changePast: build.mutation<OpenBlock, { id: string; body: PastBody }>({
      query: ({ id, body }) => ({ route: 'changePast', id, body }),
      invalidatesTags: ['Squad'],
    }),
    saveBlock: build.mutation<OpenBlock, { id: string; body: SaveBlockBody }>({
      query: ({ id, body }) => ({ route: 'saveBlock', id, body }),
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
  useSavePasswordMutation,
  useSaveSettingsMutation,
  useCoachingQuery,
  useBlockGlancesQuery,
  useFlagsQuery,
  useGlancesQuery,
  useSquadQuery,
  useLazySquadQuery,
  useAddAthleteMutation,
  useAthleteQuery,
  useSaveAthleteMutation,
  usePreviewAthleteMutation,
  useRemovedQuery,
  useSetAthleteStateMutation,
  useRecordQuery,
  useLazyRecordQuery,
  useChangeRecordMutation,
  useWatchQuery,
  useConnectWatchMutation,
  useLazyWatchTracksQuery,
  useAddBlockMutation,
  useBlockQuery,
  useLazyBlockQuery,
  useBlocksQuery,
  useRemoveBlockMutation,
  usePutBackBlockMutation,
  useBlockHistoryInfiniteQuery,
  useBlockVersionQuery,
  useCalendarQuery,
  useAthleteLinkQuery,
  useChangeAthleteLinkMutation,
  useMoveRequestsQuery,
  useLazyAllDataQuery,
  useGroupCardMutation,
  useTakeAllDataMutation,
  useMailsQuery,
  useSaveMailingMutation,
  useSendMailMutation,
  useLazyMailFileQuery,
  useAnswerMoveRequestMutation,
  useChangeCalendarMutation,
  useHandOutMutation,
  useHandoutsQuery,
  useTemplatesQuery,
  useAddTemplateMutation,
  usePutBackTemplateMutation,
  useRemoveTemplateMutation,
  useChangePastMutation,
  useSaveHouseRulesMutation,
  useSavePacesMutation,
  useReadSpreadsheetMutation,
  useSaveLibraryMutation,
} = api;
