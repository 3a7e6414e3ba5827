import type { BlockEvent } from '@nadir/core/spec/days';
import { describe, expect, it } from 'vitest';
import { type EventDraft, eventDraft, eventResolver, readEventDraft } from './event-draft.js';

const around = { from: '2027-02-10', race: '2027-05-30', unit: 'km' } as const;
const fresh = () => eventDraft(undefined, around);
const test: BlockEvent = {
  kind: 'test',
  name: 'Harbour Test',
  from: '2027-04-10',
  form: 'goal-pace',
  distance: 5000,
  isLongRun: true,
};

describe('a draft of an event', () => {
  it('proposes a race of 10 km three weeks on', () => {
    expect(fresh()).toMatchObject({ kind: 'tune-up-race', name: '', from: '2027-03-03' });
    expect(readEventDraft(fresh(), 'km')).toMatchObject({ event: { distance: 10_000 } });
  });

  it('proposes the day before the race where three weeks on is past it', () => {
    const soon = { ...around, race: '2027-02-20' };
    expect(eventDraft(undefined, soon).from).toBe('2027-02-19');
  });

  it('reads back as the event it was made from', () => {
    const stay: BlockEvent = {
      kind: 'camp',
      name: 'Ostrel',
      from: '2027-04-05',
      to: '2027-04-11',
      running: 1.2,
    };
    for (const event of [test, stay]) {
      expect(readEventDraft(eventDraft(event, around), 'km')).toEqual({ event });
    }
  });

  it('is named for its kind when no name was given', () => {
    expect(readEventDraft({ ...fresh(), name: '  ' }, 'km')).toMatchObject({
      event: { name: 'Tune-up race' },
    });
    const long = { ...fresh(), name: 'x'.repeat(200) };
    expect(readEventDraft(long, 'km')).toMatchObject({ event: { name: 'x'.repeat(120) } });
  });

  it('leaves behind what belongs to another kind', () => {
    const away: EventDraft = { ...eventDraft(test, around), kind: 'holiday' };
    expect(readEventDraft(away, 'km')).toEqual({
      event: { kind: 'holiday', name: 'Harbour Test', from: '2027-04-10', to: '2027-04-10' },
    });
  });

  it('is a time trial where a test has no form yet', () => {
    expect(readEventDraft({ ...fresh(), kind: 'test' }, 'km')).toMatchObject({
      event: { form: 'time-trial' },
    });
  });

  it('says what is no distance, at its field, and makes no event of it', async () => {
    const draft = { ...fresh(), distance: 'far' };
    expect(readEventDraft(draft, 'km')).toHaveProperty('problem');
    const options = { fields: {}, shouldUseNativeValidation: false };
    const resolved = await eventResolver('km')(draft, undefined, options);
    expect(resolved.values).toEqual({});
    expect(resolved.errors).toMatchObject({
      distance: { message: '“far” is not a distance: type it as 10 km, 13.1 mi or 3000 m.' },
    });
  });

  it('asks no distance of days away', () => {
    expect(readEventDraft({ ...fresh(), kind: 'away', distance: 'far' }, 'km')).toHaveProperty(
      'event',
    );
  });
});
