import type { TracksAnswer, TracksRequest } from '@nadir/contract';
import {
  type Activity,
  marksOf,
  meanHeart,
  quickestPieces,
  splitsOf,
  type TrackPoint,
} from '@nadir/core/record/activities';
import { XMLParser } from 'fast-xml-parser';
import * as z from 'zod/mini';

/** An ultra by the second is a third of it. */
const MOST_POINTS = 250_000;

const parser = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '',
  // Devices write the heart rate in a space of names of their own.
  removeNSPrefix: true,
  // What a file calls an entity is never filled in: it could be anything, and any size.
  processEntities: false,
  parseTagValue: false,
  isArray: (name) => ['trk', 'trkseg', 'trkpt'].includes(name),
});

const point = z.object({
  lat: z.coerce.number().check(z.minimum(-90), z.maximum(90)),
  lon: z.coerce.number().check(z.minimum(-180), z.maximum(180)),
  time: z.optional(z.string()),
  extensions: z.optional(z.unknown()),
});
const segment = z.object({ trkpt: z.optional(z.array(point)) });
const track = z.object({
  type: z.optional(z.string()),
  // A segment without points is read as empty text.
  trkseg: z.optional(z.array(z.union([segment, z.literal('')]))),
});
const gpx = z.object({ gpx: z.object({ trk: z.optional(z.array(track)) }) });

/** Reads GPX 1.1 files one by one: what cannot be read is said of its own file, and the others are taken. */
export function readTracks(request: TracksRequest): TracksAnswer {
  const activities: TracksAnswer['activities'] = [];
  const problems: TracksAnswer['problems'] = [];
  for (const { name, text } of request.files) {
    const read = readFile(text, request);
    if (typeof read === 'string') problems.push({ where: name, message: read });
    else activities.push(read);
  }
  return { activities, problems };
}

/** A run, or why the file is none, in a sentence. */
function readFile(
  text: string,
  request: TracksRequest,
): TracksAnswer['activities'][number] | string {
  if (/<!DOCTYPE|<!ENTITY/i.test(text))
    return 'It declares entities, and is not read. Export it again as plain GPX.';
  if (!text.includes('<gpx')) return 'It is no GPX file. Export the run as GPX 1.1.';
  const count = text.split('<trkpt').length - 1;
  if (count > MOST_POINTS) {
    return `It holds ${count} points; ${MOST_POINTS} are read. Export it with fewer.`;
  }
  let parsed: ReturnType<typeof gpx.safeParse>;
  try {
    parsed = gpx.safeParse(parser.parse(text));
  } catch {
    return 'It is cut short or damaged. Export it again.';
  }
  if (!parsed.success) return 'A point of it has no place. Export it again as GPX 1.1.';
  const [first] = parsed.data.gpx.trk ?? [];
  const points = (parsed.data.gpx.trk ?? [])
    .flatMap(({ trkseg = [] }) => trkseg)
    .flatMap((each) => (each === '' ? [] : (each.trkpt ?? [])))
    .map(({ lat, lon, time, extensions }): TrackPoint => {
      const at = Date.parse(time ?? '');
      return {
        latitude: lat,
        longitude: lon,
        at: Number.isFinite(at) ? at : undefined,
        heart: heartIn(extensions),
      };
    });
  return activityOf(points, first?.type, request);
}

const HEART = /^(?:hr|heart_?rate)$/i;
/** Extensions are nested once or twice, whoever writes them. */
const DEEPEST = 3;
const beats = z.coerce.number().check(z.minimum(25), z.maximum(250));

/** The heart rate among what a device adds to a point, whatever it calls the rest. */
function heartIn(added: unknown, depth = 0): number | undefined {
  if (typeof added !== 'object' || added === null || depth > DEEPEST) return undefined;
  for (const [name, value] of Object.entries(added)) {
    const read = HEART.test(name) ? beats.safeParse(value) : undefined;
    const found = read ? read.data : heartIn(value, depth + 1);
    if (found !== undefined) return found;
  }
  return undefined;
}

function activityOf(
  points: readonly TrackPoint[],
  type: string | undefined,
  { unit, zone, sessions, splits }: TracksRequest,
): TracksAnswer['activities'][number] | string {
  const begin = points.find(({ at }) => at !== undefined)?.at;
  if (points.length < 2) return 'It holds no track.';
  if (begin === undefined) return 'Its points have no times: which day it was is not known.';
  const marks = marksOf(points);
  const { metres, seconds } = marks.at(-1) ?? { metres: 0, seconds: 0 };
  const local = new Date(begin + zone * 60_000).toISOString();
  const date = local.slice(0, 10);
  const session = sessions.find((each) => each.date === date);
  const found = session && quickestPieces(marks, session.length, session.count);
  const laps = splits.includes(date) ? splitsOf(marks, unit).map(Math.round) : [];
  const heart = meanHeart(points);
  const reps = found ?? (laps.length > 0 ? laps : undefined);
  return {
    date,
    start: local.slice(11, 16),
    kind: kindOf(type),
    distance: Math.round(metres),
    ...(seconds >= 1 && { time: Math.round(seconds) }),
    ...(heart !== undefined && { heart: Math.round(heart) }),
    ...(reps && { reps }),
  };
}

function kindOf(type = ''): Activity['kind'] {
  if (/cycl|bik|ride/i.test(type)) return 'bike';
  if (/walk|hik/i.test(type)) return 'walk';
  return /swim/i.test(type) ? 'swim' : 'run';
}
