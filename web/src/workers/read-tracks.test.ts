import { describe, expect, it } from 'vitest';
import type { TracksRequest } from '@nadir/contract';
import { readTracks } from './read-tracks.js';

/** A track due north at a speed, a point every five seconds. */
function gpx(metres: number, speed: number, begin = '2027-02-08T07:10:00Z'): string {
  const degrees = 180 / Math.PI / 6_371_008.8;
  const steps = Math.round(metres / speed / 5);
  const points = Array.from({ length: steps + 1 }, (_, step) => {
    const at = new Date(Date.parse(begin) + 5000 * step).toISOString();
    return `<trkpt lat="${48 + 5 * step * speed * degrees}" lon="-20"><ele>3</ele><time>${at}</time></trkpt>`;
  });
  return `<?xml version="1.0"?><gpx version="1.1"><trk><name>Easy</name><type>running</type><trkseg>${points.join('')}</trkseg></trk></gpx>`;
}

const read = (texts: readonly string[], part: Partial<TracksRequest> = {}) =>
  readTracks({
    files: texts.map((text, index) => ({ name: `${index}.gpx`, text })),
    unit: 'km',
    zone: 0,
    sessions: [],
    splits: [],
    ...part,
  });

describe('GPX files', () => {
  it('are runs with their day, start, distance and moving time', () => {
    expect(read([gpx(10_000, 4)]).activities).toEqual([
      { date: '2027-02-08', start: '07:10', kind: 'run', distance: 10_000, time: 2500 },
    ]);
  });

  it('are of the day that it was where they were run', () => {
    const [run] = read([gpx(3000, 4, '2027-02-08T23:50:00Z')], { zone: 60 }).activities;
    expect(run).toMatchObject({ date: '2027-02-09', start: '00:50' });
  });

  it('have a mean heart rate where a device wrote one, in whatever space of names', () => {
    const beat = (rate: number) => `<extensions><d:More><d:hr>${rate}</d:hr></d:More></extensions>`;
    const withHeart = (rate: number) =>
      gpx(10_000, 4).replaceAll('</trkpt>', `${beat(rate)}</trkpt>`);
    expect(read([withHeart(143)]).activities[0]?.heart).toBe(143);
    // No heart beats at 900: the run is taken without it.
    expect(read([withHeart(900)]).activities[0]).toMatchObject({ distance: 10_000 });
    expect(read([withHeart(900)]).activities[0]?.heart).toBeUndefined();
  });

  it('have splits on days that want them, and repetitions where they were to be run', () => {
    const [long] = read([gpx(10_000, 4)], { splits: ['2027-02-08'] }).activities;
    expect(long?.reps).toEqual(Array(10).fill(250));
    const sessions = [{ date: '2027-02-08', length: 1000, count: 4 }];
    const [reps] = read([gpx(10_000, 4)], { sessions, splits: ['2027-02-08'] }).activities;
    expect(reps?.reps).toEqual([250, 250, 250, 250]);
  });

  it.each([
    ['a text', 'Dear diary', 'no GPX'],
    ['a file that is cut short', gpx(1000, 4).slice(0, 400), 'cut short'],
    ['entities', `<!DOCTYPE gpx [<!ENTITY a "b">]>${gpx(1000, 4)}`, 'entities'],
    ['a place that is none', gpx(1000, 4).replaceAll('lon="-20"', 'lon="999"'), 'no place'],
    ['no times', gpx(1000, 4).replaceAll(/<time>[^<]+<\/time>/g, ''), 'no times'],
    ['no track', '<gpx version="1.1"><trk><trkseg></trkseg></trk></gpx>', 'no track'],
    ['a million points', `<gpx>${'<trkpt/>'.repeat(1_000_000)}</gpx>`, '1000000 points'],
  ])('%s among good ones is said, and the good ones are taken', (_, bad, why) => {
    const { activities, problems } = read([gpx(1000, 4), bad, gpx(2000, 4)]);
    expect(activities).toHaveLength(2);
    expect(problems).toHaveLength(1);
    expect(problems[0]).toMatchObject({ where: '1.gpx' });
    expect(problems[0]?.message).toContain(why);
  });
});
