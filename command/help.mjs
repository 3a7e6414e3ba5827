export const HELP = `Nadir, the desk of a distance running coach.

  ./nadir demo                  run with six invented athletes, signed in as their coach
  ./nadir start                 run with your own data; asks for the first coach
  ./nadir test                  pass every test
  ./nadir test PART [WORD]      one part: checks, unit, server, browser, faults; or of it the
                                files whose names hold a word
  ./nadir lay-out FILE [--json] lay out a block file, without a server
  ./nadir paces FILE [--json]   the paces of a block file, and what they rest on
  ./nadir review FILE [--json]  what was run of a block file with its diary, and what to do
  ./nadir backup [FILE]         all your data in one file; --demo for the demo's
  ./nadir restore FILE          put a backup in place; what stood there is kept
  ./nadir reset-password EMAIL  a new password for a coach
  ./nadir help                  this

A backup is made before every migration and once a day; seven are kept.

DATABASE_URL   use this PostgreSQL server instead of starting one
NADIR_DATA     keep data in this folder instead of .nadir
NADIR_PORT     serve on this port instead of a free one
NADIR_HOSTS    names it may be opened under besides localhost, with commas
NADIR_BACKUP=off   no backups by itself
NADIR_TODAY    fix the date, YYYY-MM-DD
NADIR_DOCS=1   serve the API's documentation at /api/docs
`;
