import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { layOut } from '@nadir/core';
import { addDays } from '@nadir/core/base';
import { showBlock } from '@nadir/core/present/figures';
import { showReview } from '@nadir/core/present/review';
import { asPlanned } from '@nadir/core/record';
import {
  guessActivityColumns,
  matchActivities,
  readActivities,
} from '@nadir/core/record/activities';
import { reviewBlock } from '@nadir/core/review';
import { rulesOf } from '@nadir/core/rules';
import { systemClock } from '../server/dist/clock/clock.js';
import { createApp } from '../server/dist/create-app.js';
import { connect } from '../server/dist/database/knex.js';
import { benchConfig } from './config.mjs';
import { longBlock } from './example.mjs';
import { medianMs, medianMsByTurns } from './median.mjs';

const TODAY = '2027-02-10';
const ATHLETES = 60;
const DAYS = 3 * 365;
const RUNS = 40;

/** What a diary costs: a block with one against one without, and a thousand runs of a table. */
export function benchDiary() {
  const given = longBlock;
  const plan = layOut(given, { asOf: TODAY });
  const record = plan.weeks
    .flatMap(({ days }) => days)
    .filter(({ date }) => date < TODAY)
    .flatMap(asPlanned);
  const rules = rulesOf(plan.spec);
  const [bare = NaN, full = NaN] = medianMsByTurns(RUNS, [
    () => layOut({ ...given }, { asOf: TODAY }).findings.length,
    () => {
      const block = layOut({ ...given }, { asOf: TODAY, record });
      const reviewed = { block, rules, today: TODAY, entries: record, mornings: [] };
      const shown = showBlock(block, { ...block.spec.athlete, step: 1 });
      return block.findings.length + showReview(reviewBlock(reviewed), shown).weeks.size;
    },
  ]);
  const rows = [
    ['Date', 'Distance', 'Time', 'Note'],
    ...Array.from({ length: 1000 }, (_, index) => [
      addDays('2024-05-01', index),
      '10.4',
      '52:10',
      'wind',
    ]),
  ];
  const shape = guessActivityColumns(rows) ?? { head: 0, columns: [] };
  const table = medianMs(RUNS, () =>
    matchActivities(readActivities({ rows, ...shape }, 'km').activities, record, TODAY, 'file'),
  );
  return [
    `a block with its diary reviewed, against one without: ${(full / bare).toFixed(2)} (median ${full.toFixed(1)} ms)`,
    `a table of 1,000 runs read and held against the diary: median ${table.toFixed(1)} ms`,
  ];
}

/**
 * The squad in review at the server: sixty athletes with three years of entries.
 *
 * @param {string} clusterUrl a database beside which a fresh one is made
 */
export async function benchSquadReview(clusterUrl) {
  const beside = connect(clusterUrl);
  await beside.raw('CREATE DATABASE squad_review');
  await beside.destroy();
  const databaseUrl = clusterUrl.replace(/nadir$/, 'squad_review');
  const app = await createApp(benchConfig(databaseUrl, 'gulls-tides'), systemClock(TODAY));
  await app.listen(0, '127.0.0.1');
  const knex = connect(databaseUrl);
  try {
    const address = await app.getUrl();
    const headers = { 'content-type': 'application/json', cookie: '' };
    const call = async (/** @type {string} */ method, /** @type {string} */ path, body = {}) => {
      const sent = method === 'GET' ? {} : { body: JSON.stringify(body) };
      const response = await fetch(address + path, { method, headers, ...sent });
      headers.cookie ||= response.headers.get('set-cookie')?.split(';')[0] ?? '';
      if (!response.ok) throw new Error(`${method} ${path}: ${await response.text()}`);
      return await response.json();
    };
    const email = 'bench@skerrylane.example';
    const first = { name: 'Bench', email, password: 'low tide at nine', code: 'gulls-tides' };
    const { id: coachId } = await call('POST', '/api/first-coach', first);
    for (let athlete = 0; athlete < ATHLETES; athlete++) {
      const { id } = await call('POST', '/api/athletes', { name: `Athlete ${athlete}` });
      const race = { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 };
      const wishes = { format: 'nadir-block', version: 3, engine: 3, race, weeks: 18 };
      await call('POST', '/api/blocks', { saveId: randomUUID(), athleteId: id, wishes });
      await knex.batchInsert('run_entries', entriesOf(coachId, id), 1000);
    }
    await knex.raw('ANALYZE run_entries');
    const timed = async () => {
      const from = performance.now();
      await call('GET', '/api/squad/glances');
      return performance.now() - from;
    };
    const cold = await timed();
    const again = await timed();
    return [
      `60 athletes in review with three years of entries: ${cold.toFixed(0)} ms the first time, ${again.toFixed(0)} ms after`,
    ];
  } finally {
    await knex.destroy();
    await app.close();
  }
}

/** @param {string} coachId @param {string} athleteId */
function entriesOf(coachId, athleteId) {
  return Array.from({ length: DAYS }, (_, back) => {
    const date = addDays(TODAY, -1 - back);
    const entry = { date, place: 0, kind: 'run', distance: 10_000, time: 3200, effort: 3 };
    return {
      coach_id: coachId,
      athlete_id: athleteId,
      date,
      place: 0,
      revision: 1,
      entry: JSON.stringify(entry),
      saved_at: new Date(`${TODAY}T09:00:00Z`),
    };
  });
}
