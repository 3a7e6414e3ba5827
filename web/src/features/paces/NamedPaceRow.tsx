import { useDraggable, useDroppable } from '@dnd-kit/core';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { metresPer, type Unit } from '@nadir/core/base';
import { alsoCalled } from '@nadir/core/sessions';
import { type HeartScale, heartScales, type NamedPace } from '@nadir/core/spec/choices';
import { useId, useState } from 'react';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { IconAct } from '../../components/IconAct.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { DownIcon, HoldIcon, RemoveIcon, UpIcon } from '../../theme/icons.js';
import { PaceFigure } from './PaceFigure.js';
import styles from './Paces.module.css';
import * as wording from './wording.js';

/** What a pace may come from: races, and races of a duration. */
const BASES: readonly (readonly [string, string, NamedPace['base']])[] = [
  ['race 800', '800 m', { race: 800 }],
  ['race 1500', '1500 m', { race: 1500 }],
  ['race 1609.344', 'mile', { race: 1609.344 }],
  ['race 3000', '3000 m', { race: 3000 }],
  ['race 5000', wording.n5Km, { race: 5000 }],
  ['race 10000', wording.n10Km, { race: 10_000 }],
  ['race 21097.5', wording.halfMarathon, { race: 21_097.5 }],
  ['race 42195', 'marathon', { race: 42_195 }],
  ['lasts 600', wording.tenMinuteRace, { lasts: 600 }],
  ['lasts 1800', wording.halfHourRace, { lasts: 1800 }],
  ['lasts 3600', wording.oneHourRace, { lasts: 3600 }],
  ['lasts 7200', wording.twoHourRace, { lasts: 7200 }],
];

const SCALES: Readonly<Record<HeartScale, string>> = {
  maximum: wording.percentOfHighest,
  reserve: wording.percentOfReserve,
  beats: 'beats',
};

/** How a figure is shown: how often what is kept is counted in it, and its range. */
interface Shown {
  factor: number;
  least: number;
  most: number;
}
/** Seconds per km that a pace may be from a race’s. */
const OFFSETS = { least: -120, most: 300 };
const PERCENT: Shown = { factor: 100, least: 0, most: 100 };
const BEATS: Shown = { factor: 1, least: 25, most: 250 };
/** Other words that a pace goes by, and the letters of one. */
const MOST_WORDS = 20;
const LONGEST_WORD = 40;

/** Words with commas between; none twice. */
function wordsOf(text: string): string[] {
  const words = text.split(',').map((word) => word.trim());
  return [...new Set(words.filter((word) => word !== ''))];
}

/** Why these cannot all be kept. */
function wrongWith(words: readonly string[]): string | undefined {
  const long = words.find((word) => word.length > LONGEST_WORD);
  if (long !== undefined) return wording.wordTooLong(long, LONGEST_WORD);
  return words.length > MOST_WORDS ? wording.tooManyWords(MOST_WORDS) : undefined;
}

/** One named pace in two lines, edited in place; what is wrong with it is said under its name. */
export function NamedPaceRow({
  pace,
  unit,
  place,
  last,
  problem,
  onChange,
  onMove,
  onRemove,
}: {
  pace: NamedPace;
  /** The coach's own: offsets are typed in seconds for each of it. */
  unit: Unit;
  /** In the table, from 0. */
  place: number;
  last: boolean;
  problem: string | undefined;
  onChange: (part: Partial<NamedPace>) => void;
  onMove: (by: 1 | -1) => void;
  onRemove: () => void;
}) {
  const id = useId();
  const { listeners, setNodeRef: setHold } = useDraggable({ id: pace.id, data: { place } });
  const { setNodeRef, over, active } = useDroppable({ id: pace.id, data: { place } });
  const from: unknown = active?.data.current?.place;
  const marked =
    over?.id === pace.id && typeof from === 'number' && from !== place
      ? from > place
        ? 'above'
        : 'below'
      : undefined;
  const { name, base, offset, heart } = pace;
  const [quick, slow] = offset;
  const perUnit = unit === 'mi' ? 's/mile' : 's/km';
  const units = metresPer(unit) / 1000;
  const offsets: Shown = {
    factor: units,
    least: Math.ceil(OFFSETS.least * units),
    most: Math.floor(OFFSETS.most * units),
  };
  const key = 'race' in base ? wording.race(base.race) : wording.lasts(base.lasts);
  const known = BASES.some(([each]) => each === key);
  const beats = heart?.of === 'beats' ? BEATS : PERCENT;
  const label = (what: string) => `${name}, ${what}`;
  const [unread, setUnread] = useState<Readonly<Record<string, string>>>({});
  const said = problem ?? Object.values(unread)[0];
  const say = (what: string, wrong: string | undefined) => {
    const { [what]: _, ...others } = unread;
    setUnread(wrong === undefined ? others : { ...others, [what]: wrong });
  };
  const number = (what: string, kept: number, shown: Shown, set: (kept: number) => void) => (
    <PaceFigure
      label={label(what)}
      kept={kept}
      {...shown}
      onRead={(figure, wrong) => {
        say(what, wrong);
        if (figure !== kept) set(figure);
      }}
    />
  );
  const text = (what: 'effort' | 'talk') => (
    <TextAnswer
      label={label(what === 'effort' ? wording.feelsLikeWithin : 'talk')}
      width="100%"
      value={pace[what] ?? ''}
      given
      longest={120}
      onAnswer={(words) => onChange({ [what]: words || undefined })}
    />
  );
  const inWords = [
    [
      wording.alsoCalled,
      <TextAnswer
        key="also"
        label={label(wording.alsoCalledWithin)}
        width="100%"
        value={alsoCalled(pace).join(', ')}
        given={pace.also !== undefined}
        unread={unread.also !== undefined}
        onAnswer={(text) => {
          const also = wordsOf(text);
          const wrong = wrongWith(also);
          say('also', wrong);
          if (wrong === undefined) onChange({ also });
        }}
      />,
    ],
    [wording.feelsLike, text('effort')],
    [wording.talk, text('talk')],
  ] as const;
  return (
    <TableBody ref={setNodeRef} className={styles.ordered} data-over={marked}>
      <TableRow className={styles.figuresOf}>
        <TableCell component="th" scope="row">
          {/* By mouse or finger alone: for keys there are the buttons at the end. */}
          <span ref={setHold} className={styles.hold} aria-hidden="true" {...listeners}>
            <HoldIcon fontSize="inherit" />
          </span>
          <TextAnswer
            label={wording.nameOf(name)}
            describedBy={wording.wrong(id)}
            width={170}
            value={name}
            given
            wrong={problem !== undefined}
            longest={40}
            onAnswer={(next) => onChange({ name: next })}
          />
          <div
            id={`${id}-wrong`}
            role={said ? 'alert' : undefined}
            className={`${styles.wrong ?? ''} small grave`}
          >
            {said}
          </div>
        </TableCell>
        <TableCell data-label={wording.racePace}>
          <ChoiceAnswer<string>
            label={label(wording.racePaceWithin)}
            value={key}
            choices={[
              ...(known ? [] : [[key, key] as const]),
              ...BASES.map(([each, words]) => [each, words] as const),
            ]}
            onAnswer={(chosen) => {
              const base = BASES.find(([each]) => each === chosen)?.[2];
              if (base) onChange({ base });
            }}
          />
        </TableCell>
        <TableCell data-label={wording.quick(perUnit)}>
          {number(wording.quickEnd(perUnit), quick, offsets, (perKm) =>
            onChange({ offset: [perKm, slow] }),
          )}
        </TableCell>
        <TableCell data-label={wording.slow(perUnit)}>
          {number(wording.slowEnd(perUnit), slow, offsets, (perKm) =>
            onChange({ offset: [quick, perKm] }),
          )}
        </TableCell>
        <TableCell data-label={wording.heartRate3}>
          <ChoiceAnswer<HeartScale | ''>
            label={label(wording.heartRate)}
            value={heart?.of ?? ''}
            choices={[['', 'none'], ...heartScales.map((each) => [each, SCALES[each]] as const)]}
            onAnswer={(of) =>
              onChange({
                heart:
                  of === ''
                    ? undefined
                    : of === 'beats'
                      ? { of, from: 120, to: 140 }
                      : { of, from: 0.7, to: 0.8 },
              })
            }
          />
        </TableCell>
        {(['from', 'to'] as const).map((end) => (
          <TableCell
            key={`${end} ${heart?.of ?? ''}`}
            data-label={heart && (end === 'from' ? wording.from : wording.to)}
          >
            {heart &&
              number(wording.heartRateWithin(end), heart[end], beats, (figure) =>
                onChange({ heart: { ...heart, [end]: figure } }),
              )}
          </TableCell>
        ))}
        <TableCell className={styles.nowrap}>
          <IconAct
            label={wording.moveUp(name)}
            icon={UpIcon}
            disabled={place === 0}
            onClick={() => onMove(-1)}
          />
          <IconAct
            label={wording.moveDown(name)}
            icon={DownIcon}
            disabled={last}
            onClick={() => onMove(1)}
          />
          <IconAct label={wording.remove2(name)} icon={RemoveIcon} onClick={onRemove} />
        </TableCell>
      </TableRow>
      <TableRow className={styles.wordsOf}>
        <TableCell colSpan={8}>
          <div className={styles.inWords}>
            {inWords.map(([title, answer]) => (
              <label key={title}>
                <span className="small muted">{title}</span>
                {answer}
              </label>
            ))}
          </div>
        </TableCell>
      </TableRow>
    </TableBody>
  );
}
