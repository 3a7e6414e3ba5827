import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { HttpStatus, Inject, Injectable } from '@nestjs/common';
import { createTransport } from 'nodemailer';
import type Mail from 'nodemailer/lib/mailer/index.js';
import { CONFIG, type Config } from '../config/config.js';
import { Refused } from '../http/refused.js';

/**
 * The stand-in for a mail server: what is sent is written to a folder, one file a mail,
 * in the form in which mail travels (RFC 5322). No network is touched.
 */
@Injectable()
export class Outbox {
  private readonly transport = createTransport({ streamTransport: true, buffer: true });

  constructor(@Inject(CONFIG) private readonly config: Config) {}

  get isThere(): boolean {
    return this.config.outbox !== undefined;
  }

  /** Sends a mail; sent again under its id it stands in the place of itself. */
  async send(id: string, mail: Mail.Options): Promise<void> {
    const { message } = await this.transport.sendMail({
      ...mail,
      // Plain values alone: nothing of a mail is fetched from a file or an address.
      disableFileAccess: true,
      disableUrlAccess: true,
    });
    const file = this.fileOf(id);
    await mkdir(this.folder(), { recursive: true, mode: 0o700 });
    // Whole or not at all.
    await writeFile(`${file}.part`, message as Buffer, { mode: 0o600 });
    await rename(`${file}.part`, file);
  }

  async read(id: string): Promise<Buffer> {
    return readFile(this.fileOf(id));
  }

  private fileOf(id: string): string {
    return join(this.folder(), `${id}.eml`);
  }

  /** @throws Refused where there is none */
  folder(): string {
    const { outbox } = this.config;
    if (outbox !== undefined) return outbox;
    throw new Refused(HttpStatus.CONFLICT, {
      code: 'no-outbox',
      message: 'This Nadir sends no mail: it was started without an outbox.',
    });
  }
}
