import { dayWords } from '../../base/format/index.js';
import { type TaperSchoolName, taperSchoolNames } from '../../spec/choices/index.js';
import { withFixedDay } from '../../spec/days/index.js';
import { taperSchools } from '../../layout/schools/index.js';
import type { CheckContext } from '../../checks/index.js';
import type { Fix, FixContext } from './fix.js';
import { unpin } from './by-week.js';
import type { FixesByCheck } from './fix.js';

/** Fixes of the checks on the taper. */
export const taperFixes = {
  'taper-not-quick': ({ weeks }, context) => {
    const easy = weeks.flatMap((number) => {
      const days = context.block.weeks[number - 1]?.days ?? [];
      return days.find(({ role }) => role === 'easy') ?? [];
    });
    if (easy.length !== weeks.length) return [];
    const label = `Strides on ${easy.map(({ date }) => dayWords(date)).join(', ')}`;
    const days = easy.reduce(
      (kept, { date }) => withFixedDay(kept, date, { addOn: 'strides' }),
      context.block.spec.days,
    );
    return [{ label, change: { days } }];
  },
  'taper-too-deep': (_, context) => fixesOf(context),
  'taper-too-long': (_, context) => otherSchools(context),
  'taper-too-shallow': (_, context) => fixesOf(context),
  'taper-too-short': (_, context) => otherSchools(context),
} satisfies FixesByCheck;

function fixesOf(context: FixContext): Fix[] {
  const { school, depth } = context.block.spec.taper;
  return [
    ...unpin(context, context.block.weeks.length, 'volume'),
    ...(depth === undefined
      ? []
      : [{ label: 'Taper as deep as the school has it', change: { taper: { school } } }]),
    ...(school === 'three-steps'
      ? []
      : [{ label: 'Taper in three steps', change: { taper: { school: 'three-steps' as const } } }]),
  ];
}

function otherSchools({ block: { spec } }: CheckContext): Fix[] {
  const others = taperSchoolNames.filter((name) => name !== spec.taper.school);
  return others.map((school: TaperSchoolName) => ({
    label: `Taper: ${taperSchools[school].title.toLowerCase()}`,
    change: { taper: { school } },
  }));
}
