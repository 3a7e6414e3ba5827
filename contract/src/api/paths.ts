/** How a route is called. */
export interface RoutePath {
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
  /** Path with `{id}` parameters. */
  path: string;
}

/** Every route by its address alone: what a page needs to ask, before it needs to read. */
export const paths = {
  live: { method: 'GET', path: '/health/live' },
  ready: { method: 'GET', path: '/health/ready' },
  session: { method: 'GET', path: '/api/session' },
  signIn: { method: 'POST', path: '/api/sign-in' },
  signInDemo: { method: 'POST', path: '/api/sign-in/demo' },
  firstCoach: { method: 'POST', path: '/api/first-coach' },
  signOut: { method: 'POST', path: '/api/sign-out' },
  savePassword: { method: 'PUT', path: '/api/password' },
  saveSettings: { method: 'PATCH', path: '/api/settings' },
  coaching: { method: 'GET', path: '/api/coaching' },
  squad: { method: 'GET', path: '/api/squad' },
  glances: { method: 'GET', path: '/api/squad/glances' },
  addAthlete: { method: 'POST', path: '/api/athletes' },
  athlete: { method: 'GET', path: '/api/athletes/{id}' },
  saveAthlete: { method: 'PUT', path: '/api/athletes/{id}' },
  previewAthlete: { method: 'POST', path: '/api/athletes/{id}/preview' },
  setAthleteState: { method: 'PUT', path: '/api/athletes/{id}/state' },
  record: { method: 'GET', path: '/api/athletes/{id}/record' },
  changeRecord: { method: 'PUT', path: '/api/athletes/{id}/record' },
  watch: { method: 'GET', path: '/api/athletes/{id}/watch' },
  connectWatch: { method: 'PUT', path: '/api/athletes/{id}/watch' },
  watchTracks: { method: 'GET', path: '/api/athletes/{id}/watch/tracks' },
  calendar: { method: 'GET', path: '/api/athletes/{id}/calendar' },
  changeCalendar: { method: 'PUT', path: '/api/athletes/{id}/calendar' },
  addBlock: { method: 'POST', path: '/api/blocks' },
  saveHouseRules: { method: 'PUT', path: '/api/house-rules' },
  savePaces: { method: 'PUT', path: '/api/paces' },
  saveLibrary: { method: 'PUT', path: '/api/library' },
  readSpreadsheet: { method: 'POST', path: '/api/spreadsheets/read' },
  blocks: { method: 'GET', path: '/api/blocks' },
  removeBlock: { method: 'DELETE', path: '/api/blocks/{id}' },
  putBackBlock: { method: 'POST', path: '/api/blocks/{id}/put-back' },
  templates: { method: 'GET', path: '/api/templates' },
  addTemplate: { method: 'POST', path: '/api/templates' },
  removeTemplate: { method: 'DELETE', path: '/api/templates/{id}' },
  putBackTemplate: { method: 'POST', path: '/api/templates/{id}/put-back' },
  removed: { method: 'GET', path: '/api/removed' },
  block: { method: 'GET', path: '/api/blocks/{id}' },
  saveBlock: { method: 'PUT', path: '/api/blocks/{id}' },
  blockHistory: { method: 'GET', path: '/api/blocks/{id}/history' },
  blockVersion: { method: 'GET', path: '/api/blocks/{id}/history/{revision}' },
  changePast: { method: 'PUT', path: '/api/blocks/{id}/past' },
  handouts: { method: 'GET', path: '/api/blocks/{id}/handouts' },
  handOut: { method: 'POST', path: '/api/blocks/{id}/handouts' },
  blockDays: { method: 'GET', path: '/api/blocks/{id}/days' },
} as const satisfies Record<string, RoutePath>;
export type RouteName = keyof typeof paths;
