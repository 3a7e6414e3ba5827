import { layOut } from '@nadir/core';
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { renderPage } from '../../testing/render-page.js';
import { AfterRace } from './AfterRace.js';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** What is said on 10 February of a race on a day. */
function after(race: { date: string; distance: number }, results: { date: string }[] = []) {
  const { spec } = layOut({
    race: { name: 'Lantern Bay', ...race },
    weeks: 14,
    athlete: {
      recentWeeks: [50_000],
      results: results.map(({ date }) => ({ date, distance: race.distance, time: 12_000 })),
    },
  });
  renderPage(<AfterRace spec={spec} />, { at: '/blocks/7/diary', path: '/blocks/:id/diary' });
  return screen.getByRole('region', { name: 'After the race' }).textContent;
}
const leadsTo = (name: string) => screen.getByRole('link', { name }).getAttribute('href');

describe('after the race', () => {
  it('says how long nothing is hard, from when the next race fits, and where to go on', () => {
    const said = after({ date: '2027-02-07', distance: 42_195 });
    // 14 days after the 7th, and 16 weeks.
    expect(said).toContain('Lantern Bay was 3 days ago.');
    expect(said).toContain(
      'nothing hard up to and including Sun 21 Feb, 14 days after a marathon.',
    );
    expect(said).toContain('No goal race before Sun 30 May 2027, 16 weeks after a marathon.');
    expect(said).toContain('see a doctor');
    expect(leadsTo('Enter the result')).toBe('/blocks/7/paces');
    expect(leadsTo('Lay out the next block')).toBe('/blocks/new?after=7');
    expect(leadsTo('Compare it with another block')).toBe('/compare?first=7');
  });

  it('calls the race what it is, not what its rules are', () => {
    expect(after({ date: '2027-02-07', distance: 12_000 })).toContain('after a 12 km race');
    cleanup();
    expect(after({ date: '2027-02-09', distance: 800 })).toContain('1 day after an 800 m race');
  });

  it('no longer asks for rest when the quiet days are over, nor for a result that is there', () => {
    const said = after({ date: '2027-01-31', distance: 5000 }, [{ date: '2027-01-31' }]);
    expect(said).toContain('was 1 week 3 days ago');
    expect(said).not.toContain('nothing hard');
    expect(said).toContain('5 weeks after a 5 km race');
    expect(screen.queryByRole('link', { name: 'Enter the result' })).toBeNull();
  });
});
