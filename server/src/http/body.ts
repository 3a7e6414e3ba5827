import { problemOfStructure, problemsOf } from '@nadir/contract';
import { Body, type PipeTransform, Query } from '@nestjs/common';
import type { z } from 'zod';
import { invalid } from './refused.js';

/** The request's body, parsed by its schema; refused with every problem named. */
export function Parsed(schema: z.ZodType): ParameterDecorator {
  return Body(new ZodPipe(schema));
}

/** The query of the address, parsed by its schema. */
export function ParsedQuery(schema: z.ZodType): ParameterDecorator {
  return Query(new ZodPipe(schema));
}

class ZodPipe implements PipeTransform {
  constructor(private readonly schema: z.ZodType) {}

  transform(input: unknown): unknown {
    const structure = problemOfStructure(input);
    if (structure) throw invalid([structure]);
    const parsed = this.schema.safeParse(input);
    if (!parsed.success) throw invalid(problemsOf(parsed.error, input));
    return parsed.data;
  }
}
