/** A sum of variables, each with its factor. */
export type Terms = readonly (readonly [factor: number, variable: string])[];

type Relation = '<=' | '>=' | '=';

/** What a solver finds: values by variable, or nothing where no values fit. */
export interface Solution {
  optimal: boolean;
  values: Readonly<Record<string, number>>;
}

/** Solves a linear program written in CPLEX LP format. */
export type Solve = (program: string) => Solution;

/**
 * A linear program under construction. Variables are zero or more unless
 * bounded otherwise; integers may be asked for.
 */
export class Program {
  private readonly rows: string[] = [];
  private readonly bounds: string[] = [];
  private readonly binaries: string[] = [];
  private readonly cost: [number, string][] = [];

  constructor(private readonly sense: 'Minimize' | 'Maximize') {}

  /** Adds to the objective. */
  value(factor: number, variable: string): void {
    this.cost.push([factor, variable]);
  }

  require(terms: Terms, relation: Relation, right: number): void {
    this.rows.push(` r${this.rows.length}: ${written(terms)} ${relation} ${figure(right)}`);
  }

  /** Bounds a variable from below and above; the same twice fixes it. */
  bound(variable: string, least: number, most: number): void {
    this.bounds.push(` ${figure(least)} <= ${variable} <= ${figure(most)}`);
  }

  free(variable: string): void {
    this.bounds.push(` ${variable} free`);
  }

  /** A variable that is 0 or 1. */
  binary(variable: string): void {
    this.binaries.push(` ${variable}`);
  }

  /** The program as text in CPLEX LP format. */
  text(): string {
    return [
      this.sense,
      ` cost: ${written(this.cost)}`,
      'Subject To',
      ...this.rows,
      'Bounds',
      ...this.bounds,
      ...(this.binaries.length > 0 ? ['Binary', ...this.binaries] : []),
      'End',
    ].join('\n');
  }
}

function written(terms: Terms): string {
  return terms
    .map(
      ([factor, variable]) => `${factor < 0 ? '-' : '+'} ${figure(Math.abs(factor))} ${variable}`,
    )
    .join(' ');
}

/** Solvers read no exponents safely; nine decimals are finer than any amount here. */
function figure(value: number): string {
  return value.toFixed(9).replace(/\.?0+$/, '') || '0';
}
