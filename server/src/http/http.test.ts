import { HttpException, HttpStatus } from '@nestjs/common';
import { describe, expect, it, vi } from 'vitest';
import { loggerOptions } from '../logger-options.js';
import { openApiDocument } from './openapi.js';
import { RefusalFilter } from './refusal.filter.js';
import { notFound } from './refused.js';

describe('the log', () => {
  const { serializers } = loggerOptions('info');

  it('keeps method, path and status of a request, and nothing of who or what', () => {
    const request = {
      id: 7,
      method: 'GET',
      url: '/api/squad?name=Idris',
      headers: { cookie: 'secret' },
    };
    expect(serializers.req(request)).toEqual({ id: 7, method: 'GET', path: '/api/squad' });
    expect(serializers.res({ statusCode: 200 })).toEqual({ statusCode: 200 });
  });

  it('keeps an error’s code and place, and none of its words', () => {
    const error = {
      type: 'DatabaseError',
      code: '23505',
      message: 'insert into "athletes" values ({"name":"Idris Vale"}) - duplicate key',
      stack:
        'DatabaseError: insert {"name":"Idris Vale"}\n    at Idris Vale\n    at query (/x/knex.js:1:2)',
    };
    expect(serializers.err(error)).toEqual({
      type: 'DatabaseError',
      code: '23505',
      frames: ['    at query (/x/knex.js:1:2)'],
    });
    expect(serializers.err({ type: 'Error', code: 'Idris Vale' })).toEqual({
      type: 'Error',
      frames: [],
    });
  });
});

describe('what is refused', () => {
  const refuse = (error: unknown) => {
    const sent = { status: 0, body: undefined as unknown, headers: {} as Record<string, string> };
    const reply = {
      status: (status: number) => {
        sent.status = status;
        return reply;
      },
      header: (name: string, value: string) => {
        sent.headers[name] = value;
        return reply;
      },
      send: (body: unknown) => (sent.body = body),
    };
    const logger = { error: vi.fn(), warn: vi.fn() };
    const host = { switchToHttp: () => ({ getResponse: () => reply }) };
    new RefusalFilter(logger as never).catch(error, host as never);
    return { ...sent, logged: logger.error.mock.calls.length };
  };

  it('leaves with its own code and sentence', () => {
    expect(refuse(notFound('block'))).toMatchObject({
      status: 404,
      body: { code: 'not-found', message: expect.stringContaining('no such block') as string },
      logged: 0,
    });
  });

  it.each([
    [new HttpException('x', HttpStatus.TOO_MANY_REQUESTS), 429, 'too-many-tries'],
    [Object.assign(new Error('body'), { statusCode: 413 }), 413, 'too-large'],
    [Object.assign(new Error('json'), { statusCode: 400 }), 400, 'not-json'],
  ])('speaks for the framework too: %s', (error, status, code) => {
    expect(refuse(error)).toMatchObject({ status, body: { code }, logged: 0 });
  });

  it.each([
    [{ code: 'ECONNREFUSED' }, 'away'],
    [{ code: '57P01' }, 'away'],
    [{ code: '57014' }, 'away'],
    [{ code: '53300' }, 'away'],
    [{ message: 'Connection terminated unexpectedly' }, 'away'],
    [{ message: 'timeout expired' }, 'away'],
    [{ message: 'Knex: Timeout acquiring a connection. The pool is probably full.' }, 'away'],
    [{ code: '53100' }, 'disk-full'],
    [{ code: '42501' }, 'cannot-write'],
  ])('says that it may be tried again: %o', (error, code) => {
    const { status, body, headers, logged } = refuse(Object.assign(new Error('x'), error));
    expect({ status, body, logged }).toMatchObject({ status: 503, body: { code }, logged: 0 });
    expect(Number(headers['retry-after'])).toBeGreaterThan(0);
  });

  it.each([
    Object.assign(new Error('aborted'), { code: 'ECONNRESET' }),
    Object.assign(new Error('Premature close'), { code: 'ERR_STREAM_PREMATURE_CLOSE' }),
  ])('notes nothing where the sender went away: %s', (error) => {
    expect(refuse(error)).toMatchObject({ status: 408, logged: 0 });
  });

  it('says nothing of what broke inside, and notes it', () => {
    const { status, body, logged } = refuse(new Error('password of the database'));
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toContain('password');
    expect(logged).toBe(1);
  });
});

describe('the OpenAPI document', () => {
  it('describes parameters, bodies and refusals from the schemas', () => {
    const { paths } = openApiDocument();
    const save = paths['/api/blocks/{id}']?.put;
    expect(save?.parameters).toEqual([
      expect.objectContaining({ name: 'id', in: 'path', required: true }),
    ]);
    expect(JSON.stringify(save?.requestBody)).toContain('schemas/saveBlockBody.sent"');
    expect(JSON.stringify(save?.responses['4XX'])).toContain('schemas/refusal"');
    expect(paths['/api/squad']?.get?.requestBody).toBeUndefined();
    const tags = [save, paths['/api/squad']?.get, paths['/health/live']?.get].map((at) => at?.tags);
    expect(tags).toEqual([['blocks'], ['squad'], ['health']]);
  });

  it('has each schema once, under a name that is referred to', () => {
    const { paths, components } = openApiDocument();
    const schemas = components?.schemas ?? {};
    expect(schemas['saveBlockBody.sent']).toHaveProperty('properties.revision');
    expect(schemas['refusal']).toHaveProperty('properties.problems');
    const text = JSON.stringify({ paths, schemas });
    const meant = [...text.matchAll(/"#\/components\/schemas\/([^"]+)"/g)].map(([, name]) => name);
    expect(new Set(meant)).toEqual(new Set(Object.keys(schemas)));
    // A reference within a schema would be looked for from the top of the document.
    expect(text).not.toContain('"#/$defs');
  });
});
