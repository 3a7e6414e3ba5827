import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import { AttemptsModule } from './attempts.module.js';
import { AttemptsStorage } from './attempts.storage.js';
import { CoachesRepository } from './coaches.repository.js';
import { PasswordController } from './password.controller.js';
import { SessionGuard } from './session.guard.js';
import { SignInController } from './sign-in.controller.js';
import { SignInService } from './sign-in.service.js';
import { SignInsRepository } from './sign-ins.repository.js';

/** Tries a quarter of an hour, from one address. */
const TRIES = 10;
const QUARTER_HOUR_MS = 15 * 60 * 1000;

@Module({
  imports: [
    ThrottlerModule.forRootAsync({
      imports: [AttemptsModule],
      inject: [AttemptsStorage],
      useFactory: (storage: AttemptsStorage) => ({
        throttlers: [{ limit: TRIES, ttl: QUARTER_HOUR_MS }],
        storage,
      }),
    }),
  ],
  controllers: [SignInController, PasswordController],
  providers: [
    CoachesRepository,
    SignInsRepository,
    SignInService,
    { provide: APP_GUARD, useClass: SessionGuard },
  ],
  exports: [CoachesRepository, SignInsRepository],
})
export class SignInModule {}
