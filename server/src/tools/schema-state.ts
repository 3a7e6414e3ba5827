import { connect } from '../database/knex.js';
import { schemaState } from '../database/migrate.js';
import { waitForDatabase } from '../database/wait-for-database.js';

/** Prints how the database's schema stands, as one line of JSON: for the one command. */
const knex = connect(process.env.DATABASE_URL ?? '', 'patient');
try {
  await waitForDatabase(knex);
  process.stdout.write(`${JSON.stringify(await schemaState(knex))}\n`);
} finally {
  await knex.destroy();
}
