import type { Waiver } from '../spec/index.js';
import type { Block } from '../layout/block/index.js';
import type { Finding } from '../checks/index.js';
import type { Command } from './command.js';

/** A finding, and what it is called. */
type Titled = Pick<Finding, 'check' | 'weeks' | 'value' | 'limit' | 'each'> & { title: string };

/** Lets a finding stand for a reason, in every week it is found in, as long as its value does not become worse. */
export function waive({ spec }: Block, found: Titled, reason: string): Command {
  const waivers = waivedWith(spec.waivers, found, reason);
  return { change: { waivers }, message: `Waived “${found.title}”: ${reason}` };
}

/** Lets several kinds of findings stand for one reason. */
export function waiveAll(block: Block, found: readonly Titled[], reason: string): Command {
  const waivers = found.reduce((kept, each) => waivedWith(kept, each, reason), block.spec.waivers);
  return { change: { waivers }, message: `Waived ${found.length} checks: ${reason}` };
}

/** Takes the waiver of a finding back. */
export function unwaive({ spec }: Block, found: Titled): Command {
  const waivers = spec.waivers.filter((each) => !covers(each, found));
  return { change: { waivers }, message: `Removed the waiver of “${found.title}”.` };
}

function waivedWith(waivers: readonly Waiver[], found: Titled, reason: string): Waiver[] {
  const added = (found.each ?? [found]).map(({ weeks: [week], value }): Waiver => {
    return { check: found.check, ...(week !== undefined && { week }), reason, value };
  });
  return [...waivers.filter((each) => !covers(each, found)), ...added];
}

function covers({ check, week }: Waiver, found: Titled): boolean {
  return check === found.check && (week === undefined || found.weeks.includes(week));
}
