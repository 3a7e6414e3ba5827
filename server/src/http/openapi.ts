import { type Route, refusal, routes } from '@nadir/contract';
import type { OpenAPIObject } from '@nestjs/swagger';
import { z } from 'zod';
import type { $ZodType } from 'zod/v4/core';

/** The API's OpenAPI 3.1 document, made from the schemas that parse its requests. */
export function openApiDocument(): OpenAPIObject {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const [name, route] of Object.entries(routes)) {
    const operations = (paths[route.path] ??= {});
    operations[route.method.toLowerCase()] = operation(name, route);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Nadir',
      version: '1',
      description: 'Amounts are metres or seconds; dates are civil dates, YYYY-MM-DD.',
    },
    paths,
  };
}

function operation(operationId: string, { summary, path, body, query, answer }: Route) {
  const parameters = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: name === 'revision' ? { type: 'integer' } : { type: 'string', format: 'uuid' },
  }));
  return {
    operationId,
    summary,
    parameters: [...parameters, ...queryParameters(query)],
    ...(body && { requestBody: { required: true, content: json(body, 'input') } }),
    responses: {
      '2XX': { description: 'Done.', content: json(answer, 'output') },
      '4XX': { description: 'Refused, with the reason.', content: json(refusal, 'output') },
    },
  };
}

function queryParameters(query: z.ZodType | undefined) {
  const shape = query && z.toJSONSchema(query, { io: 'input', unrepresentable: 'any' });
  return Object.entries(shape?.properties ?? {}).map(([name, schema]) => ({
    name,
    in: 'query',
    required: false,
    schema,
  }));
}

function json(schema: $ZodType, io: 'input' | 'output') {
  const { $schema: _dialect, ...shape } = z.toJSONSchema(schema, { io, unrepresentable: 'any' });
  return { 'application/json': { schema: shape } };
}
