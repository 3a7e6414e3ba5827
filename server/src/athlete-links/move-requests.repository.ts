import type { MoveAnswerBody, MoveRequest } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';

interface MoveRow extends AthleteKey {
  request_id: string;
  from: CivilDate;
  to: CivilDate;
  words: string | null;
  state: MoveRequest['state'];
  answer: string | null;
  at: Date;
}

const MOST_LISTED = 30;

/** Days that athletes asked to run on another. */
@Injectable()
export class MoveRequestsRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async all({ coach_id, athlete_id }: AthleteKey): Promise<MoveRequest[]> {
    const rows = await this.knex<MoveRow>(tables.moveRequests)
      .where({ coach_id, athlete_id })
      .orderBy('at', 'desc')
      .limit(MOST_LISTED);
    return rows.map(requestOf);
  }

  async open(on: Knex, { coach_id, athlete_id }: AthleteKey): Promise<number> {
    const rows = await on<MoveRow>(tables.moveRequests)
      .where({ coach_id, athlete_id, state: 'asked' })
      .select('request_id');
    return rows.length;
  }

  /** How many of each athlete’s wait for the coach, from a day on. */
  async waiting(coachId: string, from: CivilDate): Promise<ReadonlyMap<string, number>> {
    const rows: { athlete_id: string; asked: string }[] = await this.knex(tables.moveRequests)
      .where({ coach_id: coachId, state: 'asked' })
      .andWhere('from', '>=', from)
      .groupBy('athlete_id')
      .select('athlete_id')
      .count('* as asked');
    return new Map(rows.map(({ athlete_id: id, asked }) => [id, Number(asked)]));
  }

  async add(
    on: Knex,
    { coach_id, athlete_id }: AthleteKey,
    { id, from, to, words, at }: Pick<MoveRequest, 'id' | 'from' | 'to' | 'words'> & { at: Date },
  ): Promise<void> {
    await on<MoveRow>(tables.moveRequests).insert({
      coach_id,
      athlete_id,
      request_id: id,
      from,
      to,
      words: words ?? null,
      state: 'asked',
      answer: null,
      at,
    });
  }

  /** Undefined where the coach has none of that id. */
  async answer(
    coachId: string,
    id: string,
    { state, answer }: MoveAnswerBody,
  ): Promise<MoveRequest | undefined> {
    const [row] = await this.knex<MoveRow>(tables.moveRequests)
      .where({ coach_id: coachId, request_id: id })
      .update({ state, answer: answer ?? null })
      .returning('*');
    return row && requestOf(row);
  }
}

function requestOf({ request_id: id, from, to, words, state, answer, at }: MoveRow): MoveRequest {
  return {
    id,
    from,
    to,
    ...(words !== null && { words }),
    at: at.toISOString(),
    state,
    ...(answer !== null && { answer }),
  };
}
