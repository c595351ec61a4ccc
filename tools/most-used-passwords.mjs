// The passwords that are used most, a line each, the most used first: from the lists that @zxcvbn-ts/language-common ships (MIT).
// Run by ./rostik setup; read by Rostik\App\Account\MostUsedPasswords.
import { readFileSync, writeFileSync } from 'node:fs';

const root = new URL('..', import.meta.url);
const list = JSON.parse(readFileSync(new URL('web/node_modules/@zxcvbn-ts/language-common/src/passwords.json', root), 'utf8'));
if (!Array.isArray(list) || list.length < 3000) {
  throw new Error('That is no list of passwords.');
}
writeFileSync(new URL('vendor/most-used-passwords.txt', root), `${list.map((one) => String(one).toLowerCase()).join('\n')}\n`);
