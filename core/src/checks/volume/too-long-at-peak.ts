import { check } from '../common/check.js';

/** Too many weeks at the heaviest, recovery weeks between them not counted. Value and limit: weeks. */
export const tooLongAtPeak = check({
  code: 'too-long-at-peak',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.volume.mostAtPeak;
    const heaviest = Math.max(...weeks.map(({ volume }) => volume));
    const atPeak = weeks.filter(
      ({ volume }) => volume > 0 && volume >= rules.volume.atPeak * heaviest,
    );
    const value = atPeak.length;
    return value > limit ? [{ weeks: atPeak.map(({ number }) => number), value, limit }] : [];
  },
});
