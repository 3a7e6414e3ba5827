import * as contract from '@nadir/contract';
import type { OpenAPIObject } from '@nestjs/swagger';
import { z } from 'zod';
import { $ZodType } from 'zod/v4/core';

type Route = contract.Route;
/** Whether a schema is read as what a client sends, or as what it is answered. */
type Way = 'input' | 'output';
type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;

const COMPONENTS = '#/components/schemas/';
const REFERENCE = /"#\/components\/schemas\/([^"]+)"/g;

/**
 * The API's OpenAPI 3.1 document, made from the schemas that parse its requests.
 * Each stands once, under its name in the contract; `.sent` is how a body is read.
 */
export function openApiDocument(): OpenAPIObject {
  const names = namesOf(Object.entries(contract.routes));
  const paths: Record<string, Record<string, unknown>> = {};
  for (const [name, route] of Object.entries(contract.routes)) {
    const operations = (paths[route.path] ??= {});
    operations[route.method.toLowerCase()] = operation(name, route, names);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Nadir',
      version: '1',
      description: 'Amounts are metres or seconds; dates are civil dates, YYYY-MM-DD.',
    },
    paths,
    components: { schemas: reachedFrom(paths, schemasOf(names)) },
  };
}

type Names = ReturnType<typeof namesOf>;

/** What the contract exports by its own name, and what a route alone has by the route's. */
function namesOf(routes: readonly (readonly [string, Route])[]) {
  const names = z.registry<{ id: string }>();
  for (const [id, schema] of Object.entries<unknown>({ ...contract })) {
    if (schema instanceof $ZodType) names.add(schema, { id });
  }
  for (const [route, { body, answer }] of routes) {
    for (const [part, schema] of Object.entries({ body, answer })) {
      if (schema && !names.has(schema)) names.add(schema, { id: `${route}.${part}` });
    }
  }
  return names;
}

function schemasOf(names: Names): Schemas {
  const read = (io: Way) => {
    const uri = (id: string) => `${COMPONENTS}${named(id, io)}`;
    const { schemas } = z.toJSONSchema(names, { io, unrepresentable: 'any', uri });
    return Object.entries(schemas).map(([id, { $schema: _dialect, $id: _id, ...shape }]) => {
      return [named(id, io), shape] as const;
    });
  };
  return Object.fromEntries([...read('input'), ...read('output')]) as Schemas;
}

function named(id: string, io: Way): string {
  return io === 'input' ? `${id}.sent` : id;
}

/** The schemas that are referred to, by the paths or by one another. */
function reachedFrom(paths: object, all: Schemas): Schemas {
  const reached = new Map<string, Schemas[string]>();
  const left: object[] = [paths];
  for (let from = left.pop(); from; from = left.pop()) {
    for (const [, name = ''] of JSON.stringify(from).matchAll(REFERENCE)) {
      const schema = all[name];
      if (!schema || reached.has(name)) continue;
      reached.set(name, schema);
      left.push(schema);
    }
  }
  return Object.fromEntries([...reached].sort(([one], [other]) => one.localeCompare(other)));
}

function operation(
  operationId: string,
  { summary, path, body, query, answer }: Route,
  names: Names,
) {
  const parameters = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: name === 'revision' ? { type: 'integer' } : { type: 'string', format: 'uuid' },
  }));
  const json = (schema: $ZodType, io: Way) => ({
    'application/json': { schema: referenceTo(schema, io, names) },
  });
  return {
    operationId,
    tags: [matterOf(path)],
    summary,
    parameters: [...parameters, ...queryParameters(query)],
    ...(body && { requestBody: { required: true, content: json(body, 'input') } }),
    responses: {
      '2XX': { description: 'Done.', content: json(answer, 'output') },
      '4XX': {
        description: 'Refused, with the reason.',
        content: json(contract.refusal, 'output'),
      },
    },
  };
}

/** What a route is about, under which it is listed: `/api/blocks/{id}` is about blocks. */
function matterOf(path: string): string {
  return path.replace(/^\/api/, '').split('/')[1] ?? path;
}

function referenceTo(schema: $ZodType, io: Way, names: Names) {
  const id = names.get(schema)?.id ?? '';
  return { $ref: `${COMPONENTS}${named(id, io)}` };
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
