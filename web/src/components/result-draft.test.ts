import { describe, expect, it } from 'vitest';
import { freshDraft, readDraft } from './result-draft.js';

const today = '2027-02-10';
const draft = { ...freshDraft(today), distance: '5000', time: '19:06' };

describe('a result that is typed', () => {
  it('is read with what was said of it, and with nothing that was not', () => {
    expect(readDraft(draft, today)).toEqual({
      result: { date: today, distance: 5000, time: 1146, kind: 'race' },
    });
    const rest = {
      name: ' Gullstone 10 ',
      conditions: 'Wind.',
      fixed: 'time',
      full: false,
    } as const;
    expect(readDraft({ ...draft, ...rest }, today)).toMatchObject({
      result: { name: 'Gullstone 10', conditions: 'Wind.', fixed: 'time', full: false },
    });
  });

  it.each([
    ['10k', '40:30', 10_000, 2430],
    ['marathon', '3:05', 42_195, 11_100],
    ['3007', '12:00', 3007, 720],
    ['10,000', '40', 10_000, 2400],
    ['10.000', '40:00', 10_000, 2400],
    ['5012,5', '18.30', 5012.5, 1110],
  ])('may be typed as coaches say it: %s in %s', (distance, time, metres, seconds) => {
    expect(readDraft({ ...draft, distance, time }, today)).toMatchObject({
      result: { distance: metres, time: seconds },
    });
  });

  it.each([
    [{ date: '2027-02-11' }, 'date', /still to come/],
    [{ date: '2027-02-30' }, 'date', /Give the day/],
    [{ distance: '' }, 'distance', /5000, 10 km or half marathon/],
    [{ distance: 'far' }, 'distance', /5000, 10 km or half marathon/],
    [{ distance: '13.1' }, 'distance', /not a race in metres. Type 13.1 km or 13.1 mi./],
    [{ distance: '200' }, 'distance', /not a race from 400 m to 100 km/],
    [{ distance: '200,000' }, 'distance', /not a race from 400 m to 100 km/],
    [{ time: '' }, 'time', /^Type the time, as 40:30/],
    [{ time: '3:75' }, 'time', /Did you mean 4:15\?/],
    [{ time: '99:99:99' }, 'time', /99 seconds/],
  ] as const)('with %o is told at its field', (part, field, why) => {
    const read = readDraft({ ...draft, ...part }, today);
    expect('problems' in read && read.problems[field]).toMatch(why);
  });
});
