/** Table names, in one place. */
export const tables = {
  coaches: 'coaches',
  signIns: 'sign_ins',
  signInAttempts: 'sign_in_attempts',
  athletes: 'athletes',
  coachTables: 'coach_tables',
  blocks: 'blocks',
  blockChanges: 'block_changes',
  plannedDays: 'planned_days',
  runEntries: 'run_entries',
  runEntryChanges: 'run_entry_changes',
  healthNotes: 'health_notes',
  weekReviews: 'week_reviews',
  watches: 'watches',
  handouts: 'handouts',
  templates: 'templates',
  demoSeeds: 'demo_seeds',
} as const;
