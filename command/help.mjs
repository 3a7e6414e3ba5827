export const HELP = `Nadir, the desk of a distance running coach.

  ./nadir demo                  run with six invented athletes, signed in as their coach
  ./nadir start                 run with your own data; asks for the first coach
  ./nadir test                  pass every test
  ./nadir test unit|server|browser   one part of them
  ./nadir lay-out FILE [--json] lay out a block file, without a server
  ./nadir paces FILE [--json]   the paces of a block file, and what they rest on
  ./nadir help                  this

DATABASE_URL   use this PostgreSQL server instead of starting one
NADIR_PORT     serve on this port instead of a free one
NADIR_TODAY    fix the date, YYYY-MM-DD
`;
