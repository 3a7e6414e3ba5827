import { type RouteObject, createBrowserRouter } from 'react-router';
import { WithCoaching } from '../api/coaching.js';
import { NotHere } from './NotHere.js';
import { Shell } from './Shell.js';
import { ViewFailed } from './ViewFailed.js';
import * as wording from './wording.js';

const waiting = () => (
  <main className="page" aria-busy="true">
    {wording.loading}
  </main>
);

/** The views that begin from how the coach coaches. */
const ofCoaching: RouteObject[] = [
  {
    path: 'blocks/new',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/new-block/NewBlockPage.js')).NewBlockPage,
    }),
  },
  {
    path: 'group',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/new-block/GroupPage.js')).GroupPage,
    }),
  },
  {
    path: 'import',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/import-plan/ImportPlanPage.js')).ImportPlanPage,
    }),
  },
  {
    path: 'blocks/:id/paces',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/paces/PacesPage.js')).PacesPage,
    }),
  },
  {
    path: 'paces',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/paces/GroupCard.js')).GroupCardPage,
    }),
  },
  {
    path: 'shorthand',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/shorthand/ShorthandPage.js')).ShorthandPage,
    }),
  },
  {
    path: 'named-paces',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/paces/NamedPacesPage.js')).NamedPacesPage,
    }),
  },
  {
    path: 'house-rules',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/house-rules/HouseRulesPage.js')).HouseRulesPage,
    }),
  },
];

/** Every view, loaded when it is first opened. */
const views: RouteObject[] = [
  {
    index: true,
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/squad/SquadPage.js')).SquadPage,
    }),
  },
  {
    path: 'last-week',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/squad/LastWeekPage.js')).LastWeekPage,
    }),
  },
  {
    path: 'athletes/:id',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/athlete/AthletePage.js')).AthletePage,
    }),
  },
  {
    path: 'blocks/:id',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/block/BlockPage.js')).BlockPage,
    }),
  },
  {
    path: 'blocks/:id/sheet',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/sheet/SheetPage.js')).SheetPage,
    }),
  },
  {
    path: 'blocks/:id/hard-days',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/hard-days/HardDaysPage.js')).HardDaysPage,
    }),
  },
  {
    path: 'blocks/:id/week/:number?',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/week/WeekPage.js')).WeekPage,
    }),
  },
  {
    path: 'blocks/:id/handouts',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/handouts/HandoutsPage.js')).HandoutsPage,
    }),
  },
  {
    path: 'blocks/:id/bring-in',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/diary/BringInPage.js')).BringInPage,
    }),
  },
  {
    path: 'blocks/:id/diary/:number?',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/diary/DiaryPage.js')).DiaryPage,
    }),
  },
  {
    path: 'blocks/:id/paces/card',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/paces/AthleteCard.js')).AthleteCardPage,
    }),
  },
  {
    path: 'blocks/:id/plan',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/new-block/EditPlanPage.js')).EditPlanPage,
    }),
  },
  {
    path: 'blocks',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/past/BlocksPage.js')).BlocksPage,
    }),
  },
  {
    path: 'blocks/:id/history',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/past/HistoryPage.js')).HistoryPage,
    }),
  },
  {
    path: 'compare',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/past/ComparePage.js')).ComparePage,
    }),
  },
  {
    path: 'settings',
    HydrateFallback: waiting,
    lazy: async () => ({
      Component: (await import('../features/settings/SettingsPage.js')).SettingsPage,
    }),
  },
  { element: <WithCoaching />, HydrateFallback: waiting, children: ofCoaching },
  { path: '*', element: <NotHere /> },
];

/** Every address of the site; in the frame. */
export function createRouter() {
  return createBrowserRouter([
    {
      element: <Shell />,
      HydrateFallback: waiting,
      // A frame that breaks has nothing around it; a view that breaks keeps frame and theme.
      errorElement: <ViewFailed />,
      children: [{ errorElement: <ViewFailed />, HydrateFallback: waiting, children: views }],
    },
  ]);
}
