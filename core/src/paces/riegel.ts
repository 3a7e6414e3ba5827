/** Riegel's exponent for trained runners. */
export const RIEGEL_EXPONENT = 1.06;

/**
 * Time for another distance by the power law T2 = T1·(D2/D1)^k.
 *
 * Source: P. S. Riegel, "Athletic records and human endurance", American
 * Scientist 69 (1981); k = 1.06, valid from about 3.5 minutes to 4 hours.
 *
 * @param result distance in metres, time in seconds
 * @returns seconds for `distance` metres
 * @example predictTime({ distance: 10000, time: 2430 }, 42195) // 11180, 3:06:20
 */
export function predictTime(
  result: { distance: number; time: number },
  distance: number,
  exponent = RIEGEL_EXPONENT,
): number {
  return result.time * (distance / result.distance) ** exponent;
}
