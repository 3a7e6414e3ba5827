import {
  type WatchState,
  type WatchTracks,
  type WatchTracksQuery,
  givenOf,
  historyOf,
} from '@nadir/contract';
import { layOut } from '@nadir/core';
import { dayPacesOf } from '@nadir/core/review';
import { rulesOf } from '@nadir/core/rules';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';
import { type Temper, runDay } from './simulated-runner.js';
import { trackOf } from './simulated-track.js';

interface WatchRow {
  coach_id: string;
  athlete_id: string;
  connected_at: Date;
}

type Key = Pick<WatchRow, 'coach_id' | 'athlete_id'>;

/** How the wearer of the stand-in runs: easy days a little quick, the last repetition a little slow. */
const TEMPER: Omit<Temper, 'seed'> = { easy: 0.97, fade: 0.01 };
/** One day of the week on which nothing is recorded: it was missed. */
const THURSDAY = 4;

/** A stand-in for a watch: it “runs” what is planned, and hands out tracks while it is connected. */
@Injectable()
export class WatchService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async state(key: Key): Promise<WatchState> {
    const row = await this.rows().where(key).first();
    return { connected: row !== undefined };
  }

  async connect(key: Key, connected: boolean): Promise<WatchState> {
    if (connected) {
      const row = { ...key, connected_at: this.clock.now() };
      await this.rows().insert(row).onConflict(['coach_id', 'athlete_id']).ignore();
    } else {
      await this.rows().where(key).delete();
    }
    return { connected };
  }

  /** What was “run” from one day to another, up to yesterday, as GPX tracks. */
  async tracks(key: Key, { from, to }: WatchTracksQuery): Promise<WatchTracks> {
    const today = this.clock.today();
    const held = await this.blocks.presentOf(key, today);
    if (!held) return { tracks: [] };
    const history = historyOf(await this.blocks.daysThatStay(key.coach_id, held, today));
    const block = layOut(givenOf(held.wishes), { asOf: today, history });
    const { sessionPaces, athlete } = dayPacesOf(block, rulesOf(block.spec));
    const days = block.weeks
      .flatMap((week) => week.days)
      .filter(({ date }) => date >= from && date <= to && date < today)
      .filter(({ date }) => new Date(date).getUTCDay() !== THURSDAY);
    const temper = { ...TEMPER, seed: key.athlete_id };
    const tracks = days.flatMap((day) =>
      runDay({ day, sessionPaces, hearts: athlete }, temper)
        .filter(({ kind, distance = 0 }) => kind === 'run' && distance > 0)
        .map((entry) => ({
          name: `${entry.date}-${entry.place + 1}.gpx`,
          gpx: trackOf(entry, { day, sessionPaces }),
        })),
    );
    return { tracks };
  }

  private rows() {
    return this.knex<WatchRow>(tables.watches);
  }
}
