import {
  type Coach,
  type FirstCoachBody,
  type Session,
  type SignInBody,
  firstCoachBody,
  signInBody,
} from '@nadir/contract';
import { Controller, Get, HttpCode, Inject, Post, Req, Res, UseGuards } from '@nestjs/common';
import { ThrottlerGuard } from '@nestjs/throttler';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Parsed } from '../http/body.js';
import { SESSION_COOKIE, cookieOptions } from './cookie.js';
import { OpenToAll } from './session.guard.js';
import { type OpenedSignIn, SignInService } from './sign-in.service.js';

@Controller('api')
@OpenToAll()
export class SignInController {
  constructor(@Inject(SignInService) private readonly service: SignInService) {}

  @Get('session')
  session(@Req() request: FastifyRequest): Promise<Session> {
    return this.service.session(request.cookies[SESSION_COOKIE]);
  }

  @Post('sign-in')
  @HttpCode(200)
  @UseGuards(ThrottlerGuard)
  async signIn(
    @Parsed(signInBody) body: SignInBody,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Coach> {
    return keep(await this.service.signIn(body), request, reply);
  }

  @Post('sign-in/demo')
  @HttpCode(200)
  async signInDemo(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Coach> {
    return keep(await this.service.signInDemo(), request, reply);
  }

  @Post('first-coach')
  @UseGuards(ThrottlerGuard)
  async firstCoach(
    @Parsed(firstCoachBody) body: FirstCoachBody,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Coach> {
    return keep(await this.service.createFirstCoach(body), request, reply);
  }

  @Post('sign-out')
  @HttpCode(200)
  async signOut(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<{ done: true }> {
    await this.service.signOut(request.cookies[SESSION_COOKIE]);
    void reply.clearCookie(SESSION_COOKIE, { path: '/' });
    return { done: true };
  }
}

/** Hands the new sign-in to the browser as a cookie. */
function keep(
  { coach, token, expiresAt }: OpenedSignIn,
  request: FastifyRequest,
  reply: FastifyReply,
): Coach {
  const secure = request.protocol === 'https';
  void reply.setCookie(SESSION_COOKIE, token, cookieOptions(secure, expiresAt));
  return coach;
}
