import { parseArgs } from 'node:util';
import { databaseUrl } from '../environment.ts';
import { comeCodes, Missing, openDatabase } from '../index.ts';

/**
 * Prints a code by which somebody chooses a password, for whoever keeps the machine: `--name N`, a shop's first owner without it.
 * Where there is no shop yet it says so, and by which code (`--first-code C`) it is made from another device.
 * With `--if-nobody` only where nobody can sign in yet, and nothing otherwise. Exit 3 with one sentence where it cannot be.
 */
const { values } = parseArgs({
  options: { name: { type: 'string' }, 'if-nobody': { type: 'boolean', default: false }, 'first-code': { type: 'string' } },
});
const database = openDatabase(databaseUrl());
try {
  const made = await comeCodes(database, { ...(values.name ? { name: values.name } : {}), ifNobody: values['if-nobody'] }, new Date());
  for (const { shop, name, code } of made) console.log(`${shop}: ${name} chooses a password by this code, once, for a day: ${code}`);
  if ((await database.models.shop.count()) === 0)
    console.log(
      `There is no shop yet: open it and make it.${values['first-code'] ? ` From another device it asks for this code: ${values['first-code']}` : ''}`,
    );
} catch (error) {
  console.error(error instanceof Missing ? `${error.message}.` : `the database does not answer as it should: ${(error as Error).message}`);
  process.exitCode = 3;
} finally {
  await database.sequelize.close();
}
