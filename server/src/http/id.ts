import { Param, type PipeTransform } from '@nestjs/common';
import { z } from 'zod';
import { notFound } from './refused.js';

const uuid = z.uuid();

/** The `id` of the path. What is no id at all cannot be found either. */
export function Id(what: string): ParameterDecorator {
  return Param('id', new IdPipe(what));
}

class IdPipe implements PipeTransform {
  constructor(private readonly what: string) {}

  transform(input: unknown): string {
    const parsed = uuid.safeParse(input);
    if (!parsed.success) throw notFound(this.what);
    return parsed.data;
  }
}
