import { type PasswordBody, passwordBody } from '@nadir/contract';
import { Controller, Inject, Put, Req, UseGuards } from '@nestjs/common';
import { ThrottlerGuard } from '@nestjs/throttler';
import type { FastifyRequest } from 'fastify';
import { Parsed } from '../http/body.js';
import { SESSION_COOKIE } from './cookie.js';
import { CoachId } from './session.guard.js';
import { SignInService } from './sign-in.service.js';

@Controller('api/password')
export class PasswordController {
  constructor(@Inject(SignInService) private readonly service: SignInService) {}

  @Put()
  @UseGuards(ThrottlerGuard)
  async change(
    @CoachId() coachId: string,
    @Parsed(passwordBody) body: PasswordBody,
    @Req() request: FastifyRequest,
  ): Promise<{ done: true }> {
    await this.service.changePassword(coachId, request.cookies[SESSION_COOKIE], body);
    return { done: true };
  }
}
