import { Param, type PipeTransform } from '@nestjs/common';
import { z } from 'zod';
import { notFound } from './refused.js';

const uuid = z.uuid();
const revision = z
  .string()
  .regex(/^\d{1,9}$/)
  .transform(Number);

/** The `id` of the path. What is no id at all cannot be found either. */
export function Id(what: string): ParameterDecorator {
  return Param('id', new FoundPipe(uuid, what));
}

/** The `revision` of the path, a number. */
export function Revision(): ParameterDecorator {
  return Param('revision', new FoundPipe(revision, 'version'));
}

class FoundPipe<T> implements PipeTransform {
  constructor(
    private readonly schema: z.ZodType<T>,
    private readonly what: string,
  ) {}

  transform(input: unknown): T {
    const parsed = this.schema.safeParse(input);
    if (!parsed.success) throw notFound(this.what);
    return parsed.data;
  }
}
