import { differenceInDays } from '@nadir/core/base';
import { placeEvents } from '@nadir/core/present/figures';
import { amountOf, type Handout } from '@nadir/core/present/handout';
import { type Box, figure, hatchOf, rising } from './hatch.js';
import { line, path, rect, words } from './svg.js';

/** Room for labels at the left, points. */
const LABELS = 58;
/** Of the height: what is on the way above, the band of phases, and the legs below it. */
const LANE = 0.13;
const BAND = 0.09;
const LEGS = 0.28;

/** Where the weeks of a drawing stand. */
interface Scale {
  box: Box;
  xOf: (week: number) => number;
  yOf: (amount: number) => number;
  /** The water line: where the weeks stand on. */
  ground: number;
  top: number;
  band: number;
}

/** The block in black on white: hatches, not tints. Letters are of the size that is asked. */
export function drawBlock(handout: Handout, box: Box, size = 7.5): string {
  const scale = scaleOf(handout, box);
  return [
    ticks(handout, scale, size),
    longRuns(handout, scale, size),
    skyline(handout, scale, size),
    events(handout, scale, size),
    phases(handout, scale, size),
    legs(handout, scale, size),
  ].join('');
}

function scaleOf({ weeks, measure }: Handout, box: Box): Scale {
  const heaviest = Math.max(1, ...weeks.map(({ steps }) => amountOf({ measure }, steps)));
  const band = Math.max(9, box.height * BAND);
  const top = box.y + box.height * LANE + 10;
  const ground = box.y + box.height * (1 - LEGS) - band;
  const width = (box.width - LABELS) / Math.max(1, weeks.length);
  return {
    box,
    top,
    ground,
    band,
    xOf: (week) => box.x + LABELS + week * width,
    yOf: (amount) => ground - ((ground - top) * amount) / heaviest,
  };
}

/** A few round figures up the side. */
function ticks({ weeks, measure, unit }: Handout, { box, ground, top, yOf }: Scale, size: number) {
  const heaviest = Math.max(1, ...weeks.map(({ steps }) => amountOf({ measure }, steps)));
  const step = [5, 10, 20, 50, 100, 200, 300].find((each) => heaviest / each <= 5) ?? 500;
  const marks = Array.from({ length: Math.floor(heaviest / step) }, (_, at) => (at + 1) * step);
  return [
    words(`${unit} a week`, { x: box.x, y: top - 6, size }),
    ...marks.flatMap((mark) => [
      words(String(mark), { x: box.x + LABELS - 12, y: yOf(mark) + size / 3, size, anchor: 'end' }),
      line([box.x + LABELS - 8, yOf(mark)], [box.x + LABELS - 3, yOf(mark)], 0.5),
    ]),
    line([box.x + LABELS, ground], [box.x + box.width, ground], 0.7),
  ].join('');
}

function skyline({ weeks, measure }: Handout, { xOf, yOf, ground }: Scale, size: number) {
  const tops = weeks.map(({ steps }) => yOf(amountOf({ measure }, steps)));
  const outline = tops
    .map((y, at) => `${at === 0 ? 'M' : 'L'}${figure(xOf(at))} ${figure(y)}H${figure(xOf(at + 1))}`)
    .join('');
  const edge = `M${figure(xOf(0))} ${figure(ground)}V${figure(tops[0] ?? ground)}`;
  return [
    path(edge + outline + `V${figure(ground)}`, 1.2),
    ...weeks.map(({ figure: said }, at) =>
      words(said, {
        x: (xOf(at) + xOf(at + 1)) / 2,
        y: (tops[at] ?? ground) - 3,
        size: size + 0.5,
        anchor: 'middle',
        font: 'bold',
      }),
    ),
    ...weeks.map(({ recovery }, at) =>
      recovery
        ? line(
            [xOf(at) + 4, (tops[at] ?? 0) + 3],
            [xOf(at + 1) - 4, (tops[at] ?? 0) + 3],
            0.9,
            '0.9 2',
          )
        : '',
    ),
  ].join('');
}

function longRuns({ weeks, measure }: Handout, { xOf, yOf, ground }: Scale, size: number) {
  return weeks
    .map(({ steps, longRun, longRunFigure }, at) => {
      if (longRun === 0) return '';
      const [left, right] = [xOf(at), xOf(at + 1)];
      const top = yOf(amountOf({ measure }, longRun));
      // Its figure stands in the table too: over the outline of its week it would not be read.
      const hasRoom = top - size > yOf(amountOf({ measure }, steps)) + 3;
      const inset = (right - left) * 0.28;
      const box = {
        x: left + inset,
        y: top,
        width: right - left - 2 * inset,
        height: ground - top,
      };
      return [
        path(rising(box), 0.4),
        rect(box, 0.7),
        hasRoom
          ? words(longRunFigure, {
              x: (left + right) / 2,
              y: top - 2.5,
              size: size - 0.5,
              anchor: 'middle',
            })
          : '',
      ].join('');
    })
    .join('');
}

function phases({ phases: all, weeks }: Handout, { xOf, ground, band }: Scale, size: number) {
  return all
    .map(({ name, kind, firstWeek, weeks: length }) => {
      const x = xOf(firstWeek - 1);
      const width = xOf(Math.min(weeks.length, firstWeek - 1 + length)) - x;
      const box = { x, y: ground, width, height: band };
      const room = (name.length * size) / 2;
      const fits = room + 8 < width;
      const halo = {
        x: x + width / 2 - room / 2 - 2,
        y: ground + 1,
        width: room + 4,
        height: band - 2,
      };
      return [
        path(hatchOf(kind, box), 0.4),
        rect(box, 0.7),
        fits ? rect(halo, 0, 'white') : '',
        fits
          ? words(name, {
              x: x + width / 2,
              y: ground + band / 2 + size / 3,
              size: size + 0.5,
              anchor: 'middle',
              font: 'italic',
            })
          : '',
      ].join('');
    })
    .join('');
}

/** Races and tests as diamonds, days away as brackets, each with as much of its name as its row has room for. */
function events({ events: all, weeks, race }: Handout, scale: Scale, size: number) {
  const { box, xOf, ground } = scale;
  const start = weeks[0]?.start ?? race.date;
  const days = weeks.reduce((count, week) => count + week.days.length, 0);
  const xAt = (date: string) =>
    xOf(0) + ((xOf(weeks.length) - xOf(0)) * differenceInDays(date, start)) / Math.max(1, days);
  const flag = xOf(weeks.length);
  const marks = all.map(({ name, from, to, isRace }) => {
    const x = xAt(from);
    const end = Math.max(xAt(to), x + 4);
    return isRace
      ? { name, x: x - 3, right: x + 3, nameX: x + 6 }
      : { name, x, right: end, nameX: x };
  });
  // As many rows as stand above the weeks, up to the flag.
  const ends = Array.from({ length: box.height > 120 ? 2 : 1 }, () => flag - FLAG);
  const names = placeEvents(marks, ends, { letter: size / 2, gap: 6 });
  const drawn = marks.map(({ x, right, nameX }, index) => {
    const { lane = 0, text = '' } = names[index] ?? {};
    const y = box.y + 9 + 11 * Math.min(lane, ends.length - 1);
    const mark = all[index]?.isRace
      ? path(`M${figure(x + 3)} ${figure(y - 6)}l3 3l-3 3l-3 -3z`, 0.7)
      : line([x, y + 2], [right, y + 2], 0.7);
    return mark + words(text, { x: nameX, y, size });
  });
  return [
    ...drawn,
    line([flag, box.y + 2], [flag, ground], 0.9),
    path(`M${figure(flag)} ${figure(box.y + 2)}l-12 3.5l12 3.5z`, 0.5, 'black'),
  ].join('');
}

/** From the race’s flag to what stands before it, points. */
const FLAG = 16;

/** The legs below the water line: multiples of day one, heavier is lower. */
function legs({ legs: { mornings, nadir, words: said } }: Handout, scale: Scale, size: number) {
  const { box, xOf, ground, band } = scale;
  const [top, room] = [ground + band + 6, box.height * LEGS - size - 10];
  const most = Math.max(1.01, ...mornings);
  const least = Math.min(1, ...mornings);
  const end = box.x + box.width;
  const xAt = (morning: number) =>
    xOf(0) + ((end - xOf(0)) * morning) / Math.max(1, mornings.length - 1);
  const yAt = (value: number) => top + (room * (value - least)) / (most - least);
  const curve = mornings
    .map((value, at) => `${at === 0 ? 'M' : 'L'}${figure(xAt(at))} ${figure(yAt(value))}`)
    .join('');
  const low = { x: xAt(nadir), y: yAt(mornings[nadir] ?? 1) };
  const isLate = nadir > mornings.length / 2;
  return [
    words('Legs', { x: box.x, y: yAt(1) + size / 3, size: size + 0.5, font: 'italic' }),
    line([xOf(0), yAt(1)], [end, yAt(1)], 0.4, '0.8 2'),
    path(curve, 0.9),
    `<circle cx="${figure(low.x)}" cy="${figure(low.y)}" r="2.4" fill="white" stroke="black" stroke-width="0.9"/>`,
    words(said, {
      x: low.x + (isLate ? -6 : 6),
      y: low.y + size + 2,
      size: size + 0.5,
      anchor: isLate ? 'end' : 'start',
      font: 'italic',
    }),
  ].join('');
}
