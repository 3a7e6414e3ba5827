import { readSession } from '@nadir/core/sessions';
import { medianMs } from './median.mjs';

let number = 1000;
/** A line of its own each time: one that was read before is only remembered. */
const line = () =>
  `3 km easy; drills; 6 x ${number++} m @ 10 km, 90 s jog; 2 km easy; 5 x 100 m strides`;
const LINES = 1000;
const RUNS = 20;

/** Reading a line of shorthand, against splitting the same line at its semicolons and numbers. */
export function benchShorthand() {
  const read = medianMs(RUNS, () => {
    for (let turn = 0; turn < LINES; turn++) readSession(line());
  });
  const split = medianMs(RUNS, () => {
    for (let turn = 0; turn < LINES; turn++) line().split(/[;,]|\d+/);
  });
  return [
    `shorthand: ${Math.round((1000 * LINES) / read)} lines read a second`,
    `reading a line ÷ splitting it: ${(read / split).toFixed(1)}`,
  ];
}
