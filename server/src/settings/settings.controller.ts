import { type Coach, type Settings, settings } from '@nadir/contract';
import { Controller, Inject, Put } from '@nestjs/common';
import { Parsed } from '../http/body.js';
import { notFound } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { CoachId } from '../sign-in/session.guard.js';

@Controller('api/settings')
export class SettingsController {
  constructor(@Inject(CoachesRepository) private readonly coaches: CoachesRepository) {}

  @Put()
  async save(@CoachId() coachId: string, @Parsed(settings) body: Settings): Promise<Coach> {
    await this.coaches.saveSettings(coachId, body);
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    return coach;
  }
}
