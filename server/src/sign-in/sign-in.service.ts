import { randomUUID } from 'node:crypto';
import type { Coach, FirstCoachBody, PasswordBody, Session, SignInBody } from '@nadir/contract';
import { HttpStatus, Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { CONFIG, type Config } from '../config/config.js';
import { Refused, notFound } from '../http/refused.js';
import { DEMO_COACH } from './demo-coach.js';
import { CoachesRepository } from './coaches.repository.js';
import { fitsCode } from './first-coach-code.js';
import { hashPassword, passwordFits } from './password.js';
import { SignInsRepository } from './sign-ins.repository.js';

export interface OpenedSignIn {
  coach: Coach;
  token: string;
  expiresAt: Date;
}

@Injectable()
export class SignInService {
  constructor(
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: Clock,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(SignInsRepository) private readonly signIns: SignInsRepository,
  ) {}

  async session(token: string | undefined): Promise<Session> {
    const signed = token && (await this.signIns.coachOf(token, this.clock.now()));
    const coach = signed ? await this.coaches.find(signed.id) : undefined;
    return {
      today: this.clock.today(),
      demo: this.config.demo,
      firstCoachWanted: !coach && !(await this.coaches.anyone()),
      coach: coach ?? null,
    };
  }

  /** One sentence for a wrong address and a wrong password: neither is given away. */
  async signIn({ email, password }: SignInBody): Promise<OpenedSignIn> {
    const found = await this.coaches.findByEmail(email);
    const fits = await passwordFits(found?.passwordHash ?? null, password);
    if (!found || !fits) {
      throw new Refused(HttpStatus.UNAUTHORIZED, {
        code: 'wrong-sign-in',
        message: 'The e-mail and the password do not match. Check both and try again.',
      });
    }
    return this.open(found.coach);
  }

  async signInDemo(): Promise<OpenedSignIn> {
    const found = this.config.demo ? await this.coaches.findByEmail(DEMO_COACH.email) : undefined;
    if (!found) throw notFound('demo');
    return this.open(found.coach);
  }

  /** Whoever started this Nadir knows the code; whoever merely found it does not. */
  async createFirstCoach({ name, email, password, code }: FirstCoachBody): Promise<OpenedSignIn> {
    if (!fitsCode(code, this.config.firstCoachCode)) throw wrongCode();
    const passwordHash = await hashPassword(password);
    const coach = await this.coaches.addFirst(
      { id: randomUUID(), name, email },
      passwordHash,
      this.clock.now(),
    );
    if (!coach) {
      throw new Refused(HttpStatus.CONFLICT, {
        code: 'first-coach-exists',
        message: 'There is a coach already. Sign in instead.',
      });
    }
    return this.open(coach);
  }

  /** Signs out everywhere else: whoever knew the old password is out. */
  async changePassword(
    coachId: string,
    token: string | undefined,
    { current, next }: PasswordBody,
  ): Promise<void> {
    const stored = await this.coaches.passwordHashOf(coachId);
    if (!(await passwordFits(stored, current))) throw wrongPassword();
    await this.coaches.savePassword(coachId, await hashPassword(next));
    await this.signIns.closeAll(coachId, token);
  }

  async signOut(token: string | undefined): Promise<void> {
    if (token) await this.signIns.close(token);
  }

  private async open(coach: Coach): Promise<OpenedSignIn> {
    return { coach, ...(await this.signIns.open(coach.id, this.clock.now())) };
  }
}

function wrongCode(): Refused {
  return new Refused(HttpStatus.FORBIDDEN, {
    code: 'wrong-code',
    message:
      'That is not the code. The terminal in which ./nadir start runs printed it, next to the address.',
  });
}

function wrongPassword(): Refused {
  return new Refused(HttpStatus.BAD_REQUEST, {
    code: 'wrong-password',
    message: 'That is not your current password. Nothing was changed.',
  });
}
