import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { Body, Controller, Get, Module, Post } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter } from '@nestjs/platform-fastify';
import { systemClock } from '../server/dist/clock/clock.js';
import { createApp } from '../server/dist/create-app.js';
import { connect } from '../server/dist/database/knex.js';
import { medianMsAsync } from './median.mjs';

const RUNS = 150;
const password = 'low tide at nine';
const CODE = 'gulls-tides';

/**
 * Saving and reading a block through the API, against a bare Nest route that
 * does the same SQL: no sign-in, no parsing, no laying out.
 *
 * @param {string} databaseUrl an empty database
 */
export async function benchSaveAndRead(databaseUrl) {
  const config = {
    databaseUrl,
    host: '127.0.0.1',
    port: 0,
    demo: false,
    today: undefined,
    web: undefined,
    logLevel: 'silent',
    hasParent: false,
    hosts: [],
    firstCoachCode: CODE,
    docs: false,
  };
  const app = await createApp(config, systemClock('2027-02-10'));
  await app.listen(0, '127.0.0.1');
  const knex = connect(databaseUrl);
  try {
    const address = await app.getUrl();
    const { call, blockId, athleteId, coachId, wishes } = await prepare(address, knex);
    let revision = 1;
    const ours = await medianMsAsync(RUNS, async () => {
      await call('PUT', `/api/blocks/${blockId}`, {
        saveId: randomUUID(),
        revision: revision++,
        wishes,
        words: 'Bench.',
      });
      await call('GET', `/api/blocks/${blockId}`);
    });
    const bare = await benchBare(knex, { coachId, athleteId, wishes });
    return [
      `save and read of a block through the API: median ${ours.toFixed(1)} ms`,
      `against a bare route with the same SQL: ${(ours / bare).toFixed(2)}`,
    ];
  } finally {
    await knex.destroy();
    await app.close();
  }
}

/** @param {string} address @param {import('knex').Knex} knex */
async function prepare(address, knex) {
  let cookie = '';
  const call = async (
    /** @type {string} */ method,
    /** @type {string} */ path,
    /** @type {unknown} */ body,
  ) => {
    const response = await fetch(address + path, {
      method,
      headers: { cookie, ...(body !== undefined && { 'content-type': 'application/json' }) },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
    cookie ||= response.headers.get('set-cookie')?.split(';')[0] ?? '';
    if (!response.ok)
      throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
    return response.json();
  };
  await call('POST', '/api/first-coach', {
    name: 'Bench',
    email: 'bench@skerrylane.example',
    password,
    code: CODE,
  });
  const { id: athleteId } = await call('POST', '/api/athletes', { name: 'Idris Vale' });
  const wishes = {
    format: 'nadir-block',
    version: 1,
    race: { name: 'Lantern Bay Marathon', date: '2027-06-06', distance: 42_195 },
    weeks: 18,
  };
  const { id: blockId } = await call('POST', '/api/blocks', { athleteId, wishes });
  const { coach_id: coachId } = await knex('coaches').first();
  return { call, blockId, athleteId, coachId, wishes };
}

/**
 * @param {import('knex').Knex} knex
 * @param {{ coachId: string, athleteId: string, wishes: unknown }} given
 */
async function benchBare(knex, { coachId, athleteId, wishes }) {
  const sessions = await knex('planned_sessions').select(
    'date',
    'place',
    'role',
    'distance',
    'time',
    'shorthand',
  );
  const key = { coach_id: coachId, block_id: randomUUID() };
  const row = { ...key, athlete_id: athleteId, starts_on: '2027-02-01', race_on: '2027-06-06' };
  let revision = 0;

  class BareController {
    /** @param {unknown} body */
    async save(body) {
      const text = JSON.stringify(body);
      await knex.transaction(async (trx) => {
        await trx('blocks').where(key).forUpdate().first();
        const version = { ...row, revision: ++revision, wishes: text, saved_at: new Date() };
        await trx('blocks').insert(version).onConflict(['coach_id', 'block_id']).merge();
        await trx('block_changes').insert({
          ...key,
          revision,
          at: new Date(),
          by: 'Bench',
          words: 'Bench.',
          after: text,
        });
        await trx('planned_sessions').where(key).delete();
        await trx.batchInsert(
          'planned_sessions',
          sessions.map((session) => ({ ...session, ...key })),
          250,
        );
      });
      return { revision };
    }

    async read() {
      return knex('blocks').where(key).first();
    }
  }
  const { prototype } = BareController;
  Post()(prototype, 'save', Object.getOwnPropertyDescriptor(prototype, 'save') ?? {});
  Body()(prototype, 'save', 0);
  Get()(prototype, 'read', Object.getOwnPropertyDescriptor(prototype, 'read') ?? {});
  Controller('bare')(BareController);
  class BareModule {}
  Module({ controllers: [BareController] })(BareModule);

  const app = await NestFactory.create(BareModule, new FastifyAdapter(), { logger: false });
  await app.listen(0, '127.0.0.1');
  const address = await app.getUrl();
  const body = JSON.stringify(wishes);
  const bare = await medianMsAsync(RUNS, async () => {
    const headers = { 'content-type': 'application/json' };
    const saved = await fetch(`${address}/bare`, { method: 'POST', headers, body });
    if (!saved.ok) throw new Error(`bare route: ${saved.status} ${await saved.text()}`);
    await saved.json();
    await (await fetch(`${address}/bare`)).json();
  });
  await app.close();
  return bare;
}
