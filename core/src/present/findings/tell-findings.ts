import type { Measure } from '../../base/index.js';
import type { CheckContext, Finding } from '../../checks/index.js';
import { type Measured, measuredOf } from './measured.js';
import { checkTitles } from './check-titles.js';
import { messages } from './messages.js';
import { type ShownBlock, showBlock } from '../figures/show.js';

/** A finding in words. */
export interface ToldFinding extends Finding {
  title: string;
  message: string;
  /** What is drawn of it: undefined where it is counted by its weeks. */
  measured?: Measured | undefined;
}

/** Puts findings into words, in the figures that every view of the block shows. */
export function tellFindings(
  findings: readonly Finding[],
  context: CheckContext,
  shown: Measure,
): ToldFinding[] {
  const { basis } = context.block.spec.athlete;
  let figures: ShownBlock | undefined;
  return findings.map((finding) => {
    // Most blocks are found sound: their figures are not worked out here.
    figures ??= showBlock(context.block, { ...shown, basis });
    const measured = measuredOf(finding, figures.measure);
    const { check } = finding;
    const message = messages[check](finding, { ...context, figures });
    return { ...finding, title: checkTitles[check], message, measured };
  });
}
