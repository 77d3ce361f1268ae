import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { sentencesOf } from './words-in-source';

const FOLDER = path.join(process.cwd(), 'src', 'words', 'catalogue');

const say = (line: string) => process.stdout.write(`${line}\n`);

/** Writes the English catalogue anew from the source, and says what the others lack or hold for nothing. */
function main(): void {
  const found = sentencesOf(process.cwd());
  const english = Object.fromEntries(found.map((key) => [key, key.replace(/^[a-z]+\|/, '')]));
  writeFileSync(path.join(FOLDER, 'en.json'), `${JSON.stringify(english, null, 2)}\n`);
  say(`en: ${found.length} sentences.`);
  for (const language of ['it', 'de']) {
    const file = path.join(FOLDER, `${language}.json`);
    const held = JSON.parse(readFileSync(file, 'utf8')) as Record<string, string>;
    const lacking = found.filter((key) => held[key] === undefined);
    const idle = Object.keys(held).filter((key) => english[key] === undefined);
    say(`${language}: ${lacking.length} lacking, ${idle.length} for nothing.`);
    for (const key of lacking) say(`  lacking: ${JSON.stringify(key)}`);
    for (const key of idle) say(`  for nothing: ${JSON.stringify(key)}`);
  }
}

main();
