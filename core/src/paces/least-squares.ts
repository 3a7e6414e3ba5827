import { sum } from '../base/index.js';

/** One observation and how much it counts. */
export interface Point {
  x: number;
  y: number;
  weight: number;
}

/**
 * The straight line y = intercept + slope·x that leaves the least weighted sum
 * of squared residuals. Source: any text on weighted linear regression.
 *
 * @returns undefined where the points stand above one another or are fewer than two
 * @example leastSquares([{x: 0, y: 1, weight: 1}, {x: 2, y: 5, weight: 1}]) // slope 2, intercept 1
 */
export function leastSquares(
  points: readonly Point[],
): { slope: number; intercept: number } | undefined {
  const total = sum(points.map(({ weight }) => weight));
  const mean = (of: (point: Point) => number) =>
    sum(points.map((point) => point.weight * of(point))) / total;
  const [x, y] = [mean((point) => point.x), mean((point) => point.y)];
  const spread = mean((point) => (point.x - x) ** 2);
  if (points.length < 2 || spread < 1e-12 * Math.max(1, x * x)) return undefined;
  const slope = mean((point) => (point.x - x) * (point.y - y)) / spread;
  return { slope, intercept: y - slope * x };
}
