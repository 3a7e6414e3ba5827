import { randomInt } from 'node:crypto';
import { connect } from '../database/knex.js';
import { waitForDatabase } from '../database/wait-for-database.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { hashPassword } from '../sign-in/password.js';
import { SignInsRepository } from '../sign-in/sign-ins.repository.js';

/** No letter or figure that is taken for another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const GROUPS = 4;
const GROUP = 4;

/** Gives the coach of an e-mail address a new password, printed once, and ends every sign-in. */
const email = (process.argv[2] ?? '').trim().toLowerCase();
const knex = connect(process.env.DATABASE_URL ?? '', 'patient');
try {
  await waitForDatabase(knex);
  const coaches = new CoachesRepository(knex);
  const found = await coaches.findByEmail(email);
  if (!found) {
    process.stderr.write(`There is no coach with the e-mail address ${email} here.\n`);
    process.exitCode = 1;
  } else {
    const password = newPassword();
    await coaches.savePassword(found.coach.id, await hashPassword(password));
    await new SignInsRepository(knex).closeAll(found.coach.id);
    process.stdout.write(
      `New password of ${email}: ${password}\nIt is shown only here. Sign in with it and set one of your own in Settings.\n`,
    );
  }
} finally {
  await knex.destroy();
}

/** Sixteen letters in groups: 79 bits. */
function newPassword(): string {
  const letter = () => LETTERS[randomInt(LETTERS.length)] ?? 'a';
  const group = () => Array.from({ length: GROUP }, letter).join('');
  return Array.from({ length: GROUPS }, group).join('-');
}
