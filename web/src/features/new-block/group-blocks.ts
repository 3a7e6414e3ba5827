import { type AthleteAnswer, type BlockFile, givenOf } from '@nadir/contract';
import { type CheckedBlock, layOut } from '@nadir/core';
import { type CivilDate, countWeeks } from '@nadir/core/base';
import type { Template } from '@nadir/core/edit';
import { answer } from './questions.js';
import { type FromTemplate, startFromTemplate } from './starting-point.js';

/** A template on one athlete of a group; what cannot be laid out says why. */
export type LaidForOne =
  | { ok: true; file: BlockFile; block: CheckedBlock; unfit: FromTemplate['unfit'] }
  | { ok: false; problem: string };

/**
 * One plan at an athlete's own level: the template scaled to their start and peak,
 * toward the race of the group. Where fewer weeks are left it is as long as they are.
 *
 * @param asked the race and the coach's tables, without an athlete
 */
export function layForOne(
  template: Template,
  asked: BlockFile,
  { facts }: Pick<AthleteAnswer, 'facts'>,
  today: CivilDate,
): LaidForOne {
  const { date } = asked.race;
  const left =
    date === undefined ? Infinity : countWeeks(today, date, asked.weekStartsOn ?? 'monday');
  const weeks = left < (template.weeks ?? 0) ? left : undefined;
  const started = startFromTemplate(template, { ...asked, athlete: facts, weeks });
  const { file, problems } = answer(started.file, today);
  if (!file) return { ok: false, problem: problems.map(({ message }) => message).join(' ') };
  const block = layOut(givenOf(file), { asOf: today });
  return { ok: true, file, block, unfit: started.unfit };
}
