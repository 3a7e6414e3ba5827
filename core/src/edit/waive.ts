import type { Waiver } from '../spec/index.js';
import type { Block } from '../layout/index.js';
import type { Finding } from '../checks/index.js';
import type { Command } from './command.js';

/** A finding, and what it is called. */
type Titled = Pick<Finding, 'check' | 'weeks' | 'value'> & { title: string };

/** Lets a finding stand for a reason, as long as its value does not become worse. */
export function waive({ spec }: Block, found: Titled, reason: string): Command {
  const week = found.weeks[0];
  const waiver: Waiver = {
    check: found.check,
    ...(week !== undefined && { week }),
    reason,
    value: found.value,
  };
  const waivers = [...spec.waivers.filter((each) => !covers(each, found)), waiver];
  return { change: { waivers }, message: `Waived “${found.title}”: ${reason}` };
}

/** Takes the waiver of a finding back. */
export function unwaive({ spec }: Block, found: Titled): Command {
  const waivers = spec.waivers.filter((each) => !covers(each, found));
  return { change: { waivers }, message: `Took back the waiver of “${found.title}”.` };
}

function covers({ check, week }: Waiver, found: Titled): boolean {
  return check === found.check && (week === undefined || found.weeks.includes(week));
}
