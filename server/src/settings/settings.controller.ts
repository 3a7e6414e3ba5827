import { type Coach, type SettingsChange, settingsChange } from '@nadir/contract';
import { Controller, Inject, Patch } from '@nestjs/common';
import { Parsed } from '../http/body.js';
import { notFound } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { CoachId } from '../sign-in/session.guard.js';

@Controller('api/settings')
export class SettingsController {
  constructor(@Inject(CoachesRepository) private readonly coaches: CoachesRepository) {}

  @Patch()
  async save(
    @CoachId() coachId: string,
    @Parsed(settingsChange) body: SettingsChange,
  ): Promise<Coach> {
    await this.coaches.saveSettings(coachId, body);
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    return coach;
  }
}
