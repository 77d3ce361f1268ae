import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';

const run = (command: string, env: Record<string, string>, input = '') => {
  const { status, stdout, stderr } = spawnSync(command, {
    shell: true,
    encoding: 'utf8',
    input,
    env: { ...process.env, ...env },
  });
  return { status, stdout, stderr };
};
const serve = (env: Record<string, string>) => run('node bin/lib/bundle.mjs serve own', env);
const folder = () => mkdtempSync(path.join(tmpdir(), 'olvik cmd '));

test('a port in use: a sentence, and nothing changed', async () => {
  const taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  const { port } = taken.address() as AddressInfo;
  const child = await new Promise<{ code: number | null; said: string }>((resolve) => {
    // The event loop must stay free to hold the port.
    const one = spawn('node', ['bin/lib/bundle.mjs', 'serve', 'own'], {
      env: { ...process.env, OLVIK_PORT: String(port), OLVIK_DATA: folder() },
    });
    let said = '';
    one.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    one.once('exit', (code) => resolve({ code, said }));
  });
  taken.close();
  expect(child).toEqual({
    code: 1,
    said: `Port ${port} is in use. Stop what uses it, or choose another with OLVIK_PORT. Nothing was changed.\n`,
  });
});

test('a port that is none', () => {
  expect(serve({ OLVIK_PORT: 'oven' })).toMatchObject({
    status: 1,
    stderr: expect.stringContaining('“oven” is not a port') as string,
  });
});

test('a data folder that can not be written', () => {
  const file = path.join(folder(), 'file');
  writeFileSync(file, '');
  const { status, stderr } = serve({ OLVIK_PORT: '48123', OLVIK_DATA: path.join(file, 'shop') });
  expect(status).toBe(1);
  expect(stderr).toContain('can not be written');
});

test('a database from a newer Olvik', () => {
  const where = folder();
  const db = new Database(path.join(where, 'olvik.sqlite'));
  db.pragma('user_version = 77');
  db.close();
  const { status, stderr } = serve({ OLVIK_PORT: '48124', OLVIK_DATA: where });
  expect(status).toBe(1);
  expect(stderr).toContain('schema 77');
});

test('a wrong Node.js', () => {
  const { status, stderr } = run('bin/core forecast', { OLVIK_PRETEND_NODE: '18.20.0' });
  expect(status).toBe(1);
  expect(stderr).toBe(
    'Olvik needs Node.js 20.19 or newer; this is 18.20.0. Nothing was changed.\n',
  );
});

describe('bin/core', () => {
  const lot = {
    kind: 'poolish',
    hydration: 1,
    freshYeastPct: 0.45,
    massKg: 0.5,
    startC: 21,
    stays: [{ placeC: 21, hours: 30 }],
  };
  test('forecasts a poolish', () => {
    const { status, stdout } = run('bin/core forecast', {}, JSON.stringify({ lot }));
    expect(status).toBe(0);
    const { window } = JSON.parse(stdout) as { window: { bestH: number } };
    expect(window.bestH).toBeGreaterThan(9);
    expect(window.bestH).toBeLessThan(15);
  });
  test.each([
    ['bin/core forecast', '{"lot":', 'not-json'],
    ['bin/core bake', '{}', 'operation-unknown'],
    ['bin/core forecast', JSON.stringify({ lot: { ...lot, startC: 400 } }), 'request-invalid'],
    ['bin/core formula', '{}', 'request-invalid'],
  ])('%s refuses %s', (command, input, code) => {
    const { status, stderr } = run(command, {}, input);
    expect(status).toBe(1);
    expect(
      (JSON.parse(stderr.trim().split('\n').at(-1)!) as { error: { code: string } }).error.code,
    ).toBe(code);
  });
});
