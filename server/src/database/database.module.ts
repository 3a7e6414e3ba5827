import { Global, Inject, Module, type OnApplicationShutdown } from '@nestjs/common';
import type { Knex } from 'knex';
import { CONFIG, type Config } from '../config/config.js';
import { KNEX, connect } from './knex.js';

@Global()
@Module({
  providers: [
    {
      provide: KNEX,
      inject: [CONFIG],
      useFactory: (config: Config) => connect(config.databaseUrl),
    },
  ],
  exports: [KNEX],
})
export class DatabaseModule implements OnApplicationShutdown {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async onApplicationShutdown(): Promise<void> {
    await this.knex.destroy();
  }
}
