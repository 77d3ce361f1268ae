import { readFileSync } from 'node:fs';
import path from 'node:path';
import { sentencesOf, unsaid } from '../bin/lib/words-in-source';

const catalogue = (language: string) =>
  JSON.parse(
    readFileSync(path.resolve('src/words/catalogue', `${language}.json`), 'utf8'),
  ) as Record<string, string>;
const english = catalogue('en');

test('the English catalogue holds every sentence of the source, and nothing else', () => {
  expect(sentencesOf(process.cwd())).toEqual(Object.keys(english));
});

test('no sentence stands outside the catalogue', () => {
  expect(unsaid(process.cwd())).toEqual([]);
});

describe.each(['it', 'de'])('the catalogue %s', (language) => {
  const held = catalogue(language);
  const holes = (text: string) => [...text.matchAll(/\{\d+\}/g)].map(String).sort();

  test('is complete', () => {
    expect(Object.keys(held)).toEqual(Object.keys(english));
    expect(Object.entries(held).filter(([, said]) => said.trim() === '')).toEqual([]);
  });

  test('sets in whatever the English does, once', () => {
    const off = Object.entries(held).filter(
      ([key, said]) => holes(said).join() !== holes(english[key] ?? '').join(),
    );
    expect(off).toEqual([]);
  });

  test('begins and ends as the English, where sentences are put together', () => {
    const edges = (text: string) => [/^\s*/.exec(text)?.[0], /\s*$/.exec(text)?.[0]].join('|');
    const off = Object.entries(held).filter(
      ([key, said]) => edges(said) !== edges(english[key] ?? ''),
    );
    expect(off).toEqual([]);
  });

  test('is a language of its own: hardly a sentence stays English', () => {
    const same = Object.entries(held).filter(
      ([key, said]) => said === english[key] && / [a-z]{3,} [a-z]{3,}/.test(said),
    );
    expect(same).toEqual([]);
  });
});
