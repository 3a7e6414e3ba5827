import { plural } from '@nadir/core/base/format';
import type { DoneState } from '@nadir/core/record';

/* Words of the squad, in one place: to be read over, and translated. */

// AddAthlete
export const giveTheAthleteAName = 'Give the athlete a name.';
export const aShorterNamePlease = 'A shorter name, please.';
export const addAnAthlete = 'Add an athlete';
export const name = 'Name';
export const countedBy = 'Counted by';
export const kilometres = 'kilometres';
export const miles = 'miles';
export const minutes = 'minutes';
export const add = 'Add';
export const cancel = 'Cancel';

// Archived
export const archivedAthletes = (count: number) => `Archived: ${plural(count, 'athlete')}`;

// AthleteRow
export const over = 'over';
export const noBlockYet = 'No block yet. ';
export const layOneOut = 'Lay one out';
export const notBegun = 'not begun';
export const recovery = ', recovery';
export const weekOf = (number: number, count: number, name: string, text: string) =>
  `week ${number} of ${count} · ${name}${text}`;
export const recordOf = (name: string) => `Record of ${name}`;
export const record = 'Record';
export const asksToMoveADay = 'Asks to move a day';
export const waitingForYourReply = 'Waiting for your reply';
export const andMore = (others: number) => `and ${others} more`;
export const theRaceHasBeenRun = 'The race has been run.';
export const whatFollows = 'What follows';
export const noProblemsFound = 'No problems found.';
export const blockOf = (name: string) => `Block of ${name}`;
export const lastWeekOf = (run: number, planned: number) => `last week ${run} of ${planned}`;

export const dayStates: Readonly<Record<DoneState, string>> = {
  run: 'run',
  instead: 'other sport',
  missed: 'missed',
  moved: 'moved',
  rest: 'rest',
  unknown: 'not recorded',
};
/** When something was recorded last. */
export const recordedAgo = (ago: number | null) =>
  ago === null ? 'nothing lately' : (['today', 'yesterday'][ago] ?? `${ago} days ago`);
/** `9 run, 1 missed, 4 rest` */
export const daysSaid = (days: readonly DoneState[]) =>
  Object.entries(dayStates)
    .map(([state, word]) => [days.filter((each) => each === state).length, word] as const)
    .filter(([count]) => count > 0)
    .map(([count, word]) => `${count} ${word}`)
    .join(', ');

// FindAthlete
export const findAnAthleteOrRace = 'Find an athlete or race';

// LastWeekPage
export const lastWeekNadir = 'Last week · Nadir';
export const lastWeek = 'Last week';
export const plannedAgainstRun = 'Planned against run, everyone’s last whole week';
export const nobodyHasABlockYet = 'Nobody has a block yet.';
export const athlete = 'Athlete';
export const planned = 'Planned';
export const run = 'Run';
export const againstPlan = 'Against plan';
export const longRun = 'Long run';
export const hardSessions = 'Hard sessions';
export const missed = 'Missed';
export const load = 'Load';
export const whatStandsOut = 'What stands out';
export const daysNotKnown = (unknown: number) => `${plural(unknown, 'day')} not known`;
export const notKnown = 'not known';
export const runOfPlanned = (run: string | number, planned: number) => `${run} of ${planned}`;
export const doneOfPlanned = (done: number, planned: number) => `${done} of ${planned}`;
export const nothingRecordedNotKnown = 'Nothing recorded: not known.';

// OrderChoice
export const order = 'Order';

// SquadPage
export const squadNadir = 'Squad · Nadir';
export const squad = 'Squad';
export const athletesToLookAt = (day: string, athletes: number, toLookAt: number) =>
  `${day} · ${plural(athletes, 'athlete')}, ${toLookAt} to look at`;
export const groupPaceCard = 'Group pace card';
export const addAthlete = 'Add athlete';
export const newBlock = 'New block';
export const nobodyHereYet = 'Nobody here yet. ';
export const layOutAFirstBlock = 'Lay out a first block';
export const nameTheAthleteAndTheRace =
  ': name the athlete and the race, and how the last weeks went; the rest is worked out.';
export const nobodyHasThatName = 'No athlete or race has that name.';

// SquadTable
export const today = 'today';
export const thisWeek = 'This week';
export const last14Days = 'Last 14 days';
export const nextKeyDay = 'Next key day';
export const stop = ' stop';
export const caution = ' caution';
export const note = ' note';
export const darkerWeeksDoneHeightsToEachAthletes =
  'Darker: weeks done. Heights to each athlete’s own peak.';

// squad-order
export const needsALook = 'Needs a look';
export const raceDay = 'Race day';
