import type { Waiver } from '../spec/index.js';
import type { Block } from '../layout/index.js';
import type { Finding } from '../checks/index.js';
import type { Command } from './command.js';

/** A finding, and what it is called. */
type Titled = Pick<Finding, 'check' | 'weeks' | 'value' | 'limit' | 'each'> & { title: string };

/** Lets a finding stand for a reason, in every week it is found in, as long as its value does not become worse. */
export function waive({ spec }: Block, found: Titled, reason: string): Command {
  const added = (found.each ?? [found]).map(({ weeks: [week], value }): Waiver => {
    return { check: found.check, ...(week !== undefined && { week }), reason, value };
  });
  const waivers = [...spec.waivers.filter((each) => !covers(each, found)), ...added];
  return { change: { waivers }, message: `Waived “${found.title}”: ${reason}` };
}

/** Takes the waiver of a finding back. */
export function unwaive({ spec }: Block, found: Titled): Command {
  const waivers = spec.waivers.filter((each) => !covers(each, found));
  return { change: { waivers }, message: `Removed the waiver of “${found.title}”.` };
}

function covers({ check, week }: Waiver, found: Titled): boolean {
  return check === found.check && (week === undefined || found.weeks.includes(week));
}
