import { namesFrom, refusedStatus, type Asker } from './same-shop';

const own: Asker = {
  ...{ method: 'GET', host: '127.0.0.1:4400', origin: null },
  ...{ site: 'same-origin', mode: 'cors', dest: 'empty' },
};
const status = (change: Partial<Asker>, names = '') =>
  refusedStatus({ ...own, ...change }, namesFrom(names));

describe('who is answered', () => {
  test.each([
    ['its own pages', {}],
    ['by another of its names', { host: 'localhost:4400' }],
    ['by its IPv6 name', { host: '[::1]:4400' }],
    ['on any port', { host: '127.0.0.1:51234' }],
    ['a program that is no browser', { site: null, mode: null, dest: null }],
    ['a typed address', { site: 'none', mode: 'navigate', dest: 'document' }],
    ['a link from elsewhere', { site: 'cross-site', mode: 'navigate', dest: 'document' }],
    ['its own form', { method: 'POST', origin: 'http://127.0.0.1:4400' }],
  ])('%s', (_, change) => expect(status(change)).toBeNull());

  test.each([
    ['a foreign name', { host: 'evil.example:4400' }],
    ['a foreign name that ends like ours', { host: 'localhost.evil.example' }],
    ['a name that holds ours', { host: '127.0.0.1.evil.example' }],
    ['another address', { host: '192.168.1.4:4400' }],
    ['any address', { host: '0.0.0.0:4400' }],
    ['no name', { host: null }],
    ['nonsense', { host: '127.0.0.1@evil.example' }],
  ])('421 for %s', (_, change) => expect(status(change)).toBe(421));

  test.each([
    ['a read by a foreign page', { site: 'cross-site' }],
    ['a read by a page on another port', { site: 'same-site', origin: 'http://127.0.0.1:3000' }],
    ['a picture of ours in a foreign page', { site: 'cross-site', mode: 'no-cors', dest: 'image' }],
    ['a frame', { site: 'cross-site', mode: 'navigate', dest: 'iframe' }],
    ['a foreign form', { method: 'POST', site: 'cross-site', mode: 'navigate', dest: 'document' }],
    ['a write from another port', { method: 'POST', origin: 'http://127.0.0.1:3000', site: null }],
    ['a write from nowhere', { method: 'POST', origin: 'null', site: null }],
    ['a stream for a foreign page', { origin: 'https://evil.example', site: 'cross-site' }],
  ])('403 for %s', (_, change) => expect(status(change)).toBe(403));

  test('names that the shop allows', () => {
    expect(status({ host: 'bakery.local:4400' })).toBe(421);
    expect(status({ host: 'bakery.local:4400' }, 'Bakery.local, other')).toBeNull();
  });
});
