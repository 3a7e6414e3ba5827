import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { Body, Controller, Get, Module, Post } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter } from '@nestjs/platform-fastify';
import { systemClock } from '../server/dist/clock/clock.js';
import { createApp } from '../server/dist/create-app.js';
import { connect } from '../server/dist/database/knex.js';
import { benchConfig } from './config.mjs';
import { medianMsByTurnsAsync } from './median.mjs';

const RUNS = 400;
const password = 'low tide at nine';
const CODE = 'gulls-tides';
const TODAY = '2027-02-10';

/**
 * Saving and reading a block through the API, against a bare Nest route that
 * does the same SQL on a block of its own: no sign-in, no parsing, no laying out.
 *
 * @param {string} databaseUrl an empty database
 */
export async function benchSaveAndRead(databaseUrl) {
  const app = await createApp(benchConfig(databaseUrl, CODE), systemClock(TODAY));
  await app.listen(0, '127.0.0.1');
  const knex = connect(databaseUrl);
  try {
    const address = await app.getUrl();
    const { call, blockIds, athleteId, coachId, wishes } = await prepare(address, knex);
    const [ofOurs = '', ofBare = ''] = blockIds;
    let revision = 1;
    const saveAndRead = async () => {
      const body = {
        saveId: randomUUID(),
        revision,
        wishes: edited(wishes, revision),
        words: 'Bench.',
      };
      revision++;
      await call('PUT', `/api/blocks/${ofOurs}`, body);
      await call('GET', `/api/blocks/${ofOurs}`);
    };
    const bare = await openBare(knex, { coachId, blockId: ofBare, athleteId, wishes });
    try {
      const [ours = NaN, plain = NaN] = await medianMsByTurnsAsync(RUNS, [
        saveAndRead,
        bare.saveAndRead,
      ]);
      return [
        `save and read of a block through the API: median ${ours.toFixed(1)} ms`,
        `against a bare route with the same SQL: ${(ours / plain).toFixed(2)}`,
      ];
    } finally {
      await bare.close();
    }
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
    version: 3,
    race: { name: 'Lantern Bay Marathon', date: '2027-06-06', distance: 42_195 },
    weeks: 18,
  };
  const blockIds = [];
  for (let made = 0; made < 2; made++) {
    const { id } = await call('POST', '/api/blocks', { athleteId, wishes });
    blockIds.push(id);
  }
  const { coach_id: coachId } = await knex('coaches').first();
  return { call, blockIds, athleteId, coachId, wishes };
}

/**
 * An edit that moves some days to come, there and back: a long run fixed in week 8.
 *
 * @param {object} wishes
 * @param {number} turn
 */
function edited(wishes, turn) {
  return { ...wishes, pins: [{ week: 8, longRun: turn % 2 === 0 ? 20_000 : 22_000 }] };
}

/**
 * @param {import('knex').Knex} knex
 * @param {{ coachId: string, blockId: string, athleteId: string, wishes: object }} given
 */
async function openBare(knex, { coachId, blockId, athleteId, wishes }) {
  const key = { coach_id: coachId, block_id: blockId };
  const row = { ...key, athlete_id: athleteId, starts_on: '2027-02-01', race_on: '2027-06-06' };
  const ofWeek8 = await knex('planned_days')
    .where(key)
    .andWhereBetween('date', ['2027-03-22', '2027-03-28']);
  let { revision } = await knex('blocks').where(key).first();
  const text = (/** @type {unknown} */ value) => JSON.stringify(value);
  const whole = (/** @type {import('knex').Knex} */ on) => {
    const facts = on('athletes')
      .where({ coach_id: coachId, athlete_id: athleteId })
      .select('facts');
    return on('blocks').where(key).first('*', facts.as('facts'));
  };

  class BareController {
    /** @param {object} body */
    async save(body) {
      await knex.transaction(async (trx) => {
        await whole(trx).forUpdate();
        await trx('planned_days').where(key).orderBy('date');
        const version = { ...row, revision: ++revision, kept_on: TODAY, saved_at: new Date() };
        await trx('blocks')
          .insert({ ...version, wishes: text(body) })
          .onConflict(['coach_id', 'block_id'])
          .merge();
        await trx('block_changes').insert({
          ...key,
          revision,
          at: new Date(),
          by: 'Bench',
          words: 'Bench.',
          after: text(body),
        });
        await trx('planned_days')
          .insert(
            ofWeek8.map(({ day, week, ...each }) => ({
              ...each,
              day: text(day),
              week: text(week),
            })),
          )
          .onConflict(['coach_id', 'block_id', 'date'])
          .merge();
      });
      return { ...row, revision, wishes: body };
    }

    async read() {
      const block = await whole(knex);
      const days = knex('planned_days').where(key).andWhere('date', '<', TODAY);
      return { ...block, history: await days.orderBy('date') };
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
  const body = text(edited(wishes, 1));
  const saveAndRead = async () => {
    const headers = { 'content-type': 'application/json' };
    const saved = await fetch(`${address}/bare`, { method: 'POST', headers, body });
    if (!saved.ok) throw new Error(`bare route: ${saved.status} ${await saved.text()}`);
    await saved.json();
    await (await fetch(`${address}/bare`)).json();
  };
  return { saveAndRead, close: () => app.close() };
}
