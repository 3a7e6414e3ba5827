import { randomUUID } from 'node:crypto';
import {
  type TemplateAnswer,
  type TemplateBody,
  type TemplateList,
  templateBody,
} from '@nadir/contract';
import { Controller, Delete, Get, HttpCode, Inject, Post } from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { notFound } from '../http/refused.js';
import { CoachId } from '../sign-in/session.guard.js';
import { TemplatesRepository } from './templates.repository.js';

@Controller('api/templates')
export class TemplatesController {
  constructor(
    @Inject(TemplatesRepository) private readonly templates: TemplatesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Get()
  async all(@CoachId() coachId: string): Promise<TemplateList> {
    return { templates: await this.templates.all(coachId) };
  }

  @Post()
  add(
    @CoachId() coachId: string,
    @Parsed(templateBody) body: TemplateBody,
  ): Promise<TemplateAnswer> {
    return this.templates.add(coachId, { id: randomUUID(), ...body }, this.clock.now());
  }

  @Delete(':id')
  async remove(@CoachId() coachId: string, @Id('template') id: string): Promise<{ done: true }> {
    if (!(await this.templates.setRemoved(coachId, id, this.clock.now()))) {
      throw notFound('template');
    }
    return { done: true };
  }

  @Post(':id/put-back')
  @HttpCode(200)
  async putBack(@CoachId() coachId: string, @Id('template') id: string): Promise<{ done: true }> {
    if (!(await this.templates.setRemoved(coachId, id, null))) throw notFound('template');
    return { done: true };
  }
}
