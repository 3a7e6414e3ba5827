import { type BlockFile, blockHeading } from '@nadir/contract';
import { addDays, type CivilDate, startOfWeek } from '@nadir/core/base';
import { weekPatterns } from '@nadir/core/edit/week';

const km = (amount: number) => Math.round(amount * 1000);
const mi = (amount: number) => amount * 1609.344;
const min = (amount: number) => amount * 60;

const race = (name: string, date: CivilDate, distance: number, time: number) =>
  ({ kind: 'race', name, date, distance, time }) as const;
const trial = (date: CivilDate, distance: number, time: number) =>
  ({ kind: 'time-trial', name: 'Time trial', date, distance, time }) as const;

/** Six athletes of an invented club, each mid-block on `today`. */
export function demoAthletes(today: CivilDate): BlockFile[] {
  const thisWeek = startOfWeek(today, 'monday');
  const sundayIn = (weeks: number) => addDays(thisWeek, 7 * weeks + 6);
  const daysAgo = (days: number) => addDays(today, -days);
  const base = { ...blockHeading, weekStartsOn: 'monday' } as const;
  return [
    {
      ...base,
      athlete: {
        name: 'Idris Vale',
        basis: 'distance',
        unit: 'km',
        birthYear: 1991,
        recentWeeks: [52, 55, 54, 57].map(km),
        longestRecentRun: km(19),
        maxHeart: 188,
        restHeart: 46,
        results: [
          race('Tidewrack Half', daysAgo(137), 21_097.5, 5385),
          { ...race('Skerry Lane 10', daysAgo(70), km(10), 2430), conditions: 'Still, 8 °C.' },
          trial(addDays(thisWeek, -2), km(5), 1146),
        ],
      },
      race: { name: 'Lantern Bay Marathon', date: sundayIn(9), distance: 42_195, goalTime: 11_700 },
      weeks: 18,
      phases: {
        layout: 'own',
        own: [
          { kind: 'foundation', name: 'Groundwork', weeks: 4 },
          { kind: 'hills-and-strength', name: 'Hills & strength', weeks: 4 },
          { kind: 'threshold', name: 'Threshold', weeks: 4 },
          { kind: 'specific', name: 'Race-specific', weeks: 3 },
          { kind: 'taper', name: 'Taper', weeks: 3 },
        ],
      },
      volume: {
        start: km(55),
        peak: km(92),
        holdAtPeak: 2,
        growth: { school: 'percentage', cap: 0.1 },
        recovery: { every: 4, depth: 0.25, reEntry: 'one-step-above' },
      },
      longRun: {
        start: km(19),
        peak: km(31),
        ladder: 'straight',
        lastPeakWeeksOut: 3,
        segment: 'race-pace-finish',
      },
      taper: { school: 'three-steps' },
      week: {
        runDays: 6,
        longRunOn: 'sunday',
        qualityOn: ['tuesday', 'friday'],
        restOn: ['thursday'],
      },
      events: [
        {
          kind: 'test',
          name: 'Time trial',
          form: 'time-trial',
          from: addDays(thisWeek, -2),
          distance: km(5),
        },
        { kind: 'tune-up-race', name: 'Kestrel Ness 10', from: sundayIn(1), distance: km(10) },
        {
          kind: 'camp',
          name: 'Ostrel camp',
          from: addDays(thisWeek, 28),
          to: addDays(thisWeek, 34),
        },
      ],
      pins: [{ week: 11, volume: km(81) }],
      days: [
        {
          date: addDays(thisWeek, 8),
          session: '3 km easy; drills; 2 x 2500 m @ half-marathon, 2 min jog; 2 km easy',
        },
        { date: addDays(thisWeek, 9), amount: km(8) },
      ],
    },
    {
      ...base,
      athlete: {
        name: 'Posy Arkwright',
        basis: 'time',
        unit: 'km',
        birthYear: 1986,
        oftenHurt: true,
        recentWeeks: [130, 120, 135, 135].map(min),
        longestRecentRun: min(60),
        results: [
          race('Skerry Lane 5', daysAgo(75), km(5), 1690),
          race('Skerry Lane 5', daysAgo(60), km(5), 1665),
        ],
        unavailable: ['monday', 'friday'],
      },
      race: { name: 'Tidewrack Half', date: sundayIn(6), distance: 21_097.5 },
      weeks: 14,
      phases: { layout: 'three-runs-a-week' },
      volume: {
        start: min(130),
        peak: min(180),
        growth: { school: 'percentage', cap: 0.08 },
        recovery: { every: 3, depth: 0.3, reEntry: 'resume' },
      },
      longRun: { start: min(60), peak: min(85), ladder: 'two-up-one-back', lastPeakWeeksOut: 3 },
      taper: { school: 'even-trim' },
      week: {
        days: [
          { role: 'rest' },
          { role: 'easy', addOn: 'strides' },
          { role: 'cross-train', cross: 'bike' },
          { role: 'easy', strength: true },
          { role: 'rest' },
          { role: 'rest' },
          { role: 'long' },
        ],
      },
      days: [{ date: addDays(thisWeek, 3), swap: { kind: 'pool', reason: 'soreness' } }],
      events: [
        {
          kind: 'holiday',
          name: 'Holiday',
          from: addDays(thisWeek, 12),
          to: addDays(thisWeek, 16),
        },
      ],
    },
    {
      ...base,
      athlete: {
        name: 'Teodor Hask',
        basis: 'distance',
        unit: 'km',
        birthYear: 2001,
        recentWeeks: [58, 60, 56, 62].map(km),
        longestRecentRun: km(14),
        paceModel: 'critical-speed',
        maxHeart: 196,
        results: [
          trial(daysAgo(68), 3000, 512),
          race('Ostrel Track Evening', daysAgo(61), 800, 117),
          race('Ostrel Track Evening', daysAgo(61), 1500, 228),
        ],
      },
      race: {
        name: 'Breakwater Mile',
        date: addDays(sundayIn(5), -1),
        distance: 1609,
        goalTime: 246,
      },
      weeks: 13,
      phases: { layout: 'three-by-four' },
      volume: {
        start: km(58),
        peak: km(72),
        growth: { school: 'step-and-hold', step: km(7), hold: 3 },
        recovery: { every: 4, depth: 0.25, reEntry: 'resume' },
      },
      longRun: { start: km(13), peak: km(16), ladder: 'alternating', lastPeakWeeksOut: 2 },
      taper: { school: 'evidence' },
      week: {
        runDays: 6,
        longRunOn: 'sunday',
        qualityOn: ['tuesday', 'friday'],
        restOn: ['monday'],
      },
    },
    {
      ...base,
      athlete: {
        name: 'Wren Castellan',
        basis: 'distance',
        unit: 'mi',
        birthYear: 1994,
        recentWeeks: [34, 36, 35, 37].map(mi),
        longestRecentRun: mi(9),
        paceModel: 'personal-power-law',
        maxHeart: 184,
        restHeart: 52,
        results: [
          race('Breakwater Mile', daysAgo(90), 1609.344, 327),
          race('Skerry Lane 5', daysAgo(60), km(5), 1140),
          trial(daysAgo(31), km(5), 1128),
        ],
      },
      race: { name: 'Gullstone 10', date: sundayIn(4), distance: 10_000, goalTime: 2350 },
      weeks: 12,
      phases: { layout: 'base-strength-intervals-taper' },
      volume: {
        start: mi(36),
        peak: mi(52),
        growth: { school: 'fixed-step', step: mi(4) },
        recovery: { every: 4, depth: 0.25, reEntry: 'resume' },
      },
      longRun: { start: mi(9), peak: mi(13), ladder: 'straight', lastPeakWeeksOut: 2 },
      taper: { school: 'evidence' },
      week: {
        days: [
          { role: 'easy', double: true },
          { role: 'quality', strength: true },
          { role: 'easy' },
          { role: 'quality' },
          { role: 'short-easy', addOn: 'strides' },
          { role: 'long' },
          { role: 'rest' },
        ],
      },
      waivers: [
        {
          check: 'doubles-too-soon',
          reason: 'First double days: short ones, to get used to them.',
        },
      ],
    },
    {
      ...base,
      athlete: {
        name: 'Kit Sorrel',
        basis: 'distance',
        unit: 'km',
        birthYear: Number(today.slice(0, 4)) - 17,
        guardianConsent: daysAgo(90),
        recentWeeks: [28, 30, 27, 30].map(km),
        longestRecentRun: km(9),
        results: [trial(daysAgo(64), 1500, 286), trial(daysAgo(50), 3000, 612)],
      },
      race: { name: 'Ostrel Schools 5 km', date: addDays(sundayIn(7), -1), distance: 5000 },
      weeks: 11,
      phases: { layout: 'four-equal-parts' },
      volume: {
        start: km(28),
        peak: km(40),
        growth: { school: 'percentage', cap: 0.1 },
        recovery: { every: 3, depth: 0.25, reEntry: 'resume' },
      },
      longRun: { start: km(8), peak: km(11), ladder: 'straight', lastPeakWeeksOut: 2 },
      taper: { school: 'evidence' },
      week: { runDays: 5, longRunOn: 'sunday', qualityOn: ['wednesday'], restOn: ['friday'] },
    },
    {
      ...base,
      athlete: {
        name: 'Ottoline Brack',
        basis: 'distance',
        unit: 'km',
        birthYear: 1988,
        recentWeeks: [96, 104, 98, 110].map(km),
        longestRecentRun: km(28),
        maxHeart: 181,
        results: [race('Lantern Bay Marathon', daysAgo(150), 42_195, 10_140)],
      },
      race: { name: 'Lantern Bay Marathon', date: sundayIn(9), distance: 42_195, goalTime: 9900 },
      weeks: 16,
      phases: { layout: 'long-aerobic-first' },
      volume: {
        start: km(105),
        peak: km(140),
        holdAtPeak: 3,
        growth: { school: 'straight-to-peak' },
        recovery: { every: 5, depth: 0.2, reEntry: 'resume' },
      },
      longRun: { start: km(26), peak: km(35), ladder: 'two-up-one-back', lastPeakWeeksOut: 3 },
      taper: { school: 'long-descent' },
      week: { days: [...weekPatterns['seven-with-doubles'].days] },
    },
  ];
}
