import { describe, expect, it } from 'vitest';
import { readGroupChoices, writeGroupChoices } from './group-choices.js';
import { rangeText, signedSeconds, sinceWords, speedText } from './pace-text.js';
import { dayInBlock, pacesView } from '../../components/usePaces.js';

const today = '2027-02-10';

describe('the address of a group card', () => {
  it('says what it shows, and back', () => {
    const choices = { paces: ['easy', '5-km'], reps: [200, 1000], at: '10-km' };
    expect(readGroupChoices(new URLSearchParams(writeGroupChoices(choices)))).toEqual(choices);
  });

  it('that makes no sense is as if it were not there', () => {
    const search = new URLSearchParams('paces=<b>&reps=1,two&at=A B');
    expect(readGroupChoices(search)).toEqual(readGroupChoices(new URLSearchParams()));
  });
});

describe('paces as text', () => {
  it('is one figure where the ends read alike, and a dash for none', () => {
    const text = (pace: number) => String(Math.round(pace));
    expect(rangeText({ quick: 240.2, slow: 240.4 }, text)).toBe('240');
    expect(rangeText({ quick: 300, slow: 340 }, text)).toBe('300–340');
    expect(rangeText(undefined, text)).toBe('–');
    expect(speedText({ quick: 300, slow: 360 }, 'km')).toBe('10.0–12.0 km/h');
  });

  it('carries its sign', () => {
    expect([0.3, 5, -72].map(signedSeconds)).toEqual(['0 s', '+5 s', '−1:12']);
    expect([undefined, 0.3, -72].map(sinceWords)).toEqual([
      '',
      ', as the result before it did',
      ', −1:12 against the result before it',
    ]);
  });
});

describe('the view of a block’s paces', () => {
  const file = {
    format: 'nadir-block',
    version: 3,
    engine: 21,
    race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
    weeks: 12,
    paces: { distances: [12_000] },
  } as const;

  it('holds the standard distances and the coach’s own, in order', () => {
    const { distances, gap, paces } = pacesView({ ...file, paces: { distances: [12_000] } }, today);
    expect(distances.slice(5, 8)).toEqual([10_000, 12_000, 15_000]);
    expect(gap).toBeUndefined();
    expect(paces.used).toBeUndefined();
  });

  it('is of today while the block is run', () => {
    const { spec } = pacesView({ ...file, paces: {} }, today);
    expect(dayInBlock(spec, '2027-01-01')).toBe(spec.start);
    expect(dayInBlock(spec, '2027-04-01')).toBe('2027-04-01');
    expect(dayInBlock(spec, '2028-01-01')).toBe('2027-05-30');
  });
});
