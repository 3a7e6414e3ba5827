import type { Block } from '../lay-out/block.js';
import type { Finding } from '../checks/common/check.js';
import type { Waiver } from '../spec/block-spec.js';
import type { Command } from './command.js';

/** Lets a finding stand for a reason, as long as its value does not become worse. */
export function waive({ wishes }: Block, found: Finding, reason: string): Command {
  const week = found.weeks[0];
  const waiver: Waiver = {
    check: found.check,
    ...(week !== undefined && { week }),
    reason,
    value: found.value,
  };
  const waivers = [...wishes.waivers.filter((each) => !covers(each, found)), waiver];
  return { change: { waivers }, words: `Waived “${found.title}”: ${reason}` };
}

/** Takes the waiver of a finding back. */
export function unwaive({ wishes }: Block, found: Finding): Command {
  const waivers = wishes.waivers.filter((each) => !covers(each, found));
  return { change: { waivers }, words: `Took back the waiver of “${found.title}”.` };
}

function covers({ check, week }: Waiver, found: Finding): boolean {
  return check === found.check && (week === undefined || found.weeks.includes(week));
}
