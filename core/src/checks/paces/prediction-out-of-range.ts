import { fitnessOn } from '../../paces/index.js';
import { check, dayOf } from '../common/check.js';

/**
 * The race's time is predicted from where the model is not known to hold: by its
 * own duration, or by that of the result it comes from. Value: seconds of the
 * result nearest to it; limit: seconds predicted.
 */
export const predictionOutOfRange = check({
  code: 'prediction-out-of-range',
  level: 'note',
  run(context) {
    const { block, rules } = context;
    const { race } = block.spec;
    const day = dayOf(context);
    const fitness = fitnessOn(block.spec, rules, day);
    const predicted = fitness?.timeFor(race.distance);
    if (!fitness || predicted === undefined || !Number.isFinite(predicted)) return [];
    if (fitness.holds(race.distance, predicted)) return [];
    // A result over the race's own distance is no prediction.
    const near = fitness.efforts.some(
      ({ distance }) => Math.abs(distance / race.distance - 1) < SAME,
    );
    if (near) return [];
    const week = block.weeks.findLast(({ start }) => start <= day)?.number ?? 1;
    return [{ weeks: [week], value: fitness.efforts[0].time, limit: predicted }];
  },
});

/** Part by which distances may differ and still be the same race. */
const SAME = 0.02;
