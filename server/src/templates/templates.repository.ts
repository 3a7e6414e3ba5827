import { type TemplateAnswer, type TemplateBody, templateBody } from '@nadir/contract';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';

interface TemplateRow {
  coach_id: string;
  template_id: string;
  name: string;
  template: unknown;
  created_at: Date;
  removed_at: Date | null;
}

@Injectable()
export class TemplatesRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Oldest first. */
  async all(coachId: string): Promise<TemplateAnswer[]> {
    const rows = await this.rows()
      .where({ coach_id: coachId, removed_at: null })
      .orderBy('created_at');
    return rows.map(({ template_id, name, template }) => ({
      id: template_id,
      ...stored(templateBody, { name, template }),
    }));
  }

  async add(
    coachId: string,
    { id, name, template }: TemplateBody & { id: string },
    at: Date,
    on: Knex = this.knex,
  ): Promise<TemplateAnswer> {
    await on<TemplateRow>(tables.templates).insert({
      coach_id: coachId,
      template_id: id,
      name,
      template: JSON.stringify(template),
      created_at: at,
    });
    return { id, name, template };
  }

  /** Takes a template off the list, or puts it back; false where none of the coach's with that id stood otherwise. */
  async setRemoved(coachId: string, id: string, at: Date | null): Promise<boolean> {
    const mine = this.rows().where({ coach_id: coachId, template_id: id });
    const otherwise = at === null ? mine.whereNotNull('removed_at') : mine.whereNull('removed_at');
    return (await otherwise.update({ removed_at: at })) > 0;
  }

  private rows() {
    return this.knex<TemplateRow>(tables.templates);
  }
}
