import type { Unit } from '@nadir/core/base';
import { isWhole, type Rule, ruleProblem } from '@nadir/core/rules';
import { figureAlone } from './figure-alone.js';
import * as wording from './wording.js';

const METRES: Readonly<Record<Unit, number>> = { km: 1000, mi: 1609.344 };

/** How a figure is typed: the factor from what is kept to what is shown, and its unit. */
export function shownAs({ quantity }: Rule, unit: Unit): { factor: number; unit: string } {
  switch (quantity) {
    case 'share':
      return { factor: 100, unit: '%' };
    case 'distance':
      return { factor: 1 / METRES[unit], unit };
    case 'time':
      return { factor: 1 / 60, unit: 'min' };
    case 'pace':
      return { factor: METRES[unit] / 1000, unit: unit === 'mi' ? 's/mile' : 's/km' };
    case 'weeks':
      return { factor: 1, unit: 'weeks' };
    case 'days':
      return { factor: 1, unit: 'days' };
    default:
      return { factor: 1, unit: '' };
  }
}

/** A figure as it is shown: no more decimals than it has tenths, or hundredths of a plain factor. */
export function figureText(rule: Rule, value: number, unit: Unit): string {
  const decimals = rule.quantity === 'factor' ? 2 : 1;
  return String(Number((value * shownAs(rule, unit).factor).toFixed(decimals)));
}

/** What was typed, as it is kept; or what is wrong with it, in the shown unit. */
export function readFigure(rule: Rule, text: string, unit: Unit): number | string {
  const { factor, unit: name } = shownAs(rule, unit);
  const typed = Number(figureAlone(text, name)?.replace(',', '.'));
  const value = typed / factor;
  const rounded = isWhole(rule) ? value : Number(value.toPrecision(12));
  if (ruleProblem(rule, rounded) === undefined) return rounded;
  const least = figureText(rule, rule.least, unit);
  const most = figureText(rule, rule.most, unit);
  return wording.fromToIsNeeded({
    text,
    wanted: isWhole(rule) ? wording.aWholeNumber : wording.aFigure,
    least,
    most,
    name: name === '%' ? name : ` ${name}`,
  });
}
