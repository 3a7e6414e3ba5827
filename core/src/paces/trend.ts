import type { Result } from '../spec/choices/index.js';

/** Results over one distance, oldest first. */
export interface Trend {
  /** Metres. */
  distance: number;
  results: Result[];
}

/** Distances this near each other are the same test: a measured mile and 1600 m are not. */
const SAME = 0.005;

/** Distances that were run more than once, the most often repeated first. */
export function trendsOf(results: readonly Result[]): Trend[] {
  const byDate = [...results].sort((a, b) => a.date.localeCompare(b.date));
  const trends: Trend[] = [];
  for (const result of byDate) {
    const known = trends.find(
      ({ distance }) => Math.abs(distance - result.distance) <= SAME * distance,
    );
    if (known) known.results.push(result);
    else trends.push({ distance: result.distance, results: [result] });
  }
  return trends
    .filter(({ results: repeated }) => repeated.length > 1)
    .sort((a, b) => b.results.length - a.results.length);
}
