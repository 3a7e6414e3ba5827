import type { Day } from '@nadir/core/layout/block';
import { mainOf } from '@nadir/core/layout/block';
import type { RunEntry } from '@nadir/core/record';
import { laySession, readSession } from '@nadir/core/sessions';
import type { PlannedRun } from './simulated-runner.js';

/** Out at sea, where nobody’s paths are: a loop of this many metres around a point. */
const AT = { latitude: 48.2, longitude: -22.4 };
const LOOP = 2400;
/** Seconds between two points of the watch. */
const EVERY = 5;
const EARTH_RADIUS = 6_371_008.8;

/** Some running at one speed. */
interface Leg {
  metres: number;
  seconds: number;
}

/** A run of the simulated watch as a GPX 1.1 track, point by point around a loop at sea. */
export function trackOf(
  entry: RunEntry,
  planned: Pick<PlannedRun, 'day' | 'sessionPaces'>,
): string {
  const begin = Date.parse(`${entry.date}T${entry.start ?? '07:10'}:00Z`);
  const { heart } = entry;
  const points = pointsOf(legsOf(entry, planned)).map(({ metres, seconds }) => {
    const { latitude, longitude } = placeOf(metres);
    const at = new Date(begin + 1000 * seconds).toISOString();
    return `<trkpt lat="${latitude.toFixed(7)}" lon="${longitude.toFixed(7)}"><time>${at}</time>${heartAt(seconds, heart)}</trkpt>`;
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<gpx version="1.1" creator="Nadir simulated watch" xmlns="http://www.topografix.com/GPX/1/1" xmlns:beat="urn:nadir:watch:1">',
    `<trk><type>running</type><trkseg>${points.join('')}</trkseg></trk>`,
    '</gpx>',
  ].join('\n');
}

/** The stretches of a session with its repetitions as they were run; else the whole at one speed. */
function legsOf(
  { distance = 0, time = 0, reps = [] }: RunEntry,
  { day, sessionPaces }: Pick<PlannedRun, 'day' | 'sessionPaces'>,
): Leg[] {
  const whole = [{ metres: distance, seconds: time }];
  if (reps.length === 0) return whole;
  const stretches = stretchesOf(day, sessionPaces);
  const hard = stretches.filter((each) => each.hard);
  if (hard.length !== reps.length) return whole;
  let next = 0;
  return stretches.map(({ distance: metres, time: seconds, hard: isHard }) => ({
    metres,
    seconds: isHard ? (reps[next++] ?? seconds) : seconds,
  }));
}

function stretchesOf(day: Day, sessionPaces: PlannedRun['sessionPaces']) {
  const read = readSession(mainOf(day)?.shorthand ?? '');
  return read.ok ? laySession(read.session, sessionPaces(day.date)).stretches : [];
}

function pointsOf(legs: readonly Leg[]): Leg[] {
  const points: Leg[] = [{ metres: 0, seconds: 0 }];
  let [metres, seconds] = [0, 0];
  for (const leg of legs) {
    const steps = Math.max(1, Math.round(leg.seconds / EVERY));
    for (let step = 1; step <= steps; step++) {
      const part = step / steps;
      points.push({ metres: metres + part * leg.metres, seconds: seconds + part * leg.seconds });
    }
    metres += leg.metres;
    seconds += leg.seconds;
  }
  return points;
}

/** A heart takes some minutes to reach what the run asks of it. */
const RISE = { from: 0.75, seconds: 180 };

function heartAt(seconds: number, heart: number | undefined): string {
  if (heart === undefined) return '';
  const part = RISE.from + (1 - RISE.from) * Math.min(1, seconds / RISE.seconds);
  return `<extensions><beat:hr>${Math.round(heart * part)}</beat:hr></extensions>`;
}

/** Where on the loop so many metres lead. */
function placeOf(metres: number) {
  const radius = LOOP / (2 * Math.PI);
  const angle = metres / radius;
  const degrees = 180 / Math.PI / EARTH_RADIUS;
  return {
    latitude: AT.latitude + radius * Math.sin(angle) * degrees,
    longitude:
      AT.longitude + (radius * Math.cos(angle) * degrees) / Math.cos((AT.latitude * Math.PI) / 180),
  };
}
