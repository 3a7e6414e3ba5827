/** A span in weeks, to the day: 12 weeks, 12 weeks 3 days. */
export function weeksText(weeks: number): string {
  const days = Math.round(weeks * 7);
  const rest = days % 7;
  const whole = plural(Math.floor(days / 7), 'week');
  return rest === 0 ? whole : `${whole} ${plural(rest, 'day')}`;
}

/** A count with its noun: 1 week, 2 weeks. */
export function plural(count: number, noun: string): string {
  return `${count} ${noun}${count === 1 ? '' : 's'}`;
}
