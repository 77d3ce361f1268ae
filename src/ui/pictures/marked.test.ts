import { speak } from '@/words/all-languages';
import { noPicture } from './no-picture';
import { fixedFilesIn, isFixedFile, markedPage } from './marked';

const PAGE = `<!DOCTYPE html><html lang="en" class="x"><head>
<link rel="stylesheet" href="/_next/static/css/a1.css"/>
<script src="/_next/static/chunks/b2.js" async=""></script></head>
<body><script>self.x.push("[\\"/_next/static/chunks/b2.js\\",\\"/_next/static/chunks/c3.js?dpl=1\\"]")</script></body></html>`;

test('a kept page says since when it stands, once, and is the same otherwise', () => {
  const marked = markedPage(PAGE, 1234.6);
  expect(marked).toContain('<html data-kept="1235" lang="en" class="x">');
  expect(marked.replace(' data-kept="1235"', '')).toBe(PAGE);
});

test('the files that a page is built of are found, each once', () => {
  expect(fixedFilesIn(PAGE)).toEqual([
    '/_next/static/css/a1.css',
    '/_next/static/chunks/b2.js',
    '/_next/static/chunks/c3.js',
  ]);
  expect(fixedFilesIn(PAGE).every(isFixedFile)).toBe(true);
  expect(isFixedFile('/now')).toBe(false);
});

test('where there is no picture of a view, that is said in the language of the shop', () => {
  expect(noPicture()).toMatch(/<html lang="en">[^]*<h1>Olvik does not answer<\/h1>[^]*Try again/);
  speak('de');
  try {
    expect(noPicture()).toMatch(/<html lang="de">[^]*<h1>Olvik antwortet nicht<\/h1>/);
  } finally {
    speak('en');
  }
});
