/**
 * A figure as it is typed, without what is counted behind it: `10 %` of a field in per cent,
 * `3 weeks` of one in weeks.
 *
 * @param counted what is counted, as it stands in the field
 * @returns undefined where something else stands behind it
 */
export function figureAlone(typed: string, counted: string): string | undefined {
  const [, figure, behind = ''] = /^([-\d.,]+)\s*(\D*)$/.exec(typed.trim()) ?? [];
  return counted.startsWith(behind) ? figure : undefined;
}
