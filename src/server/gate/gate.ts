import { tr } from '@/words/tr';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { createServer, type Server } from 'node:https';
import { createProxyServer } from 'httpxy';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { type Db } from '@/data';
import { listDevices, maybeDeviceOf, seeDevice, waysInVersion } from '@/data/ways-in';
import type { Device } from '@/shop/kept/device';
import { isBeforePairing, isByKey } from '../ways-in/paths';
import { hashOf } from '../ways-in/ways-in';
import { GATE_KEY_HEADER, GATE_WHO_HEADER, whoText } from '../ways-in/who';
import type { Certificate } from './certificate';
import { cookieOf, tokenIn } from './cookie';
import { paired } from './pair';
import { refusedStatus } from './same-shop';

/** What a gate stands between. */
export interface GateSetup {
  /** Who may come in. */
  readonly db: Db;
  readonly certificate: Certificate;
  readonly host: string;
  readonly port: number;
  /** The names that it answers to. */
  readonly names: ReadonlySet<string>;
  /** Where the shop is served on this machine. */
  readonly shopPort: number;
  /** What tells the shop that a request came through here, of this run. */
  readonly key: string;
}

/** An open gate. */
export interface OpenGate {
  readonly close: () => Promise<void>;
}

/** Requests of one address in a minute: a view with all it is built of is about forty. */
const A_MINUTE = 900;
/** Codes tried from one address in a minute, and from all in ten. */
const CODES_A_MINUTE = 5;
const CODES_IN_TEN = 30;
/** How often those who were shut out are looked for, ms. */
const WATCH_MS = 300;
/** A device is noted as seen once in so many ms. */
const SEEN_MS = 60_000;
const MOST_PAIR_BYTES = 2_000;

/**
 * Opens the shop to other devices: TLS, names of its own, one device one token, and nothing said before a device is let in.
 * What passes goes on to the shop on this machine, which is told who asks.
 */
export async function openGate(setup: GateSetup): Promise<OpenGate> {
  const gate = new Gate(setup);
  await gate.listen();
  return { close: () => gate.close() };
}

class Gate {
  private readonly server: Server;
  private readonly proxy = createProxyServer({});
  private readonly all = new RateLimiterMemory({ points: A_MINUTE, duration: 60 });
  private readonly codes = new RateLimiterMemory({ points: CODES_A_MINUTE, duration: 60 });
  private readonly codesOfAll = new RateLimiterMemory({ points: CODES_IN_TEN, duration: 600 });
  /** What is under way for each device, to be ended when it is shut out. */
  private readonly open = new Map<string, Set<ServerResponse>>();
  private readonly seen = new Map<string, number>();
  private watch: NodeJS.Timeout | undefined;
  private version: number;

  constructor(private readonly setup: GateSetup) {
    const { key, cert } = setup.certificate;
    this.server = createServer({ key, cert, minVersion: 'TLSv1.2' }, (request, response) => {
      this.answer(request, response).catch(() => plain(response, 502, tr`Olvik does not answer.`));
    });
    this.version = waysInVersion(setup.db);
  }

  listen(): Promise<void> {
    const { host, port } = this.setup;
    return new Promise((resolve, reject) => {
      this.server.once('error', reject);
      this.server.listen(port, host, () => {
        // Only an open gate watches: one whose port is taken is thrown away.
        this.watch = setInterval(() => this.endShutOut(), WATCH_MS);
        this.watch.unref();
        resolve();
      });
    });
  }

  close(): Promise<void> {
    clearInterval(this.watch);
    return new Promise((resolve) => {
      this.server.close(() => resolve());
      this.server.closeAllConnections();
    });
  }

  private async answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const address = request.socket.remoteAddress ?? '';
    if (!(await allowed(this.all, address))) {
      return plain(response, 429, tr`Too much at once. Wait a minute.`);
    }
    const status = refusedStatus(askerOf(request), this.setup.names);
    const path = pathOf(request.url);
    if (status !== null || path === null) {
      return plain(response, status ?? 400, tr`This address is not answered here.`);
    }
    return path === '/pair' && request.method === 'POST'
      ? this.pair(request, response, address)
      : this.let(request, response, path);
  }

  /** Lets through what a device may have, and turns away the rest. */
  private async let(
    request: IncomingMessage,
    response: ServerResponse,
    path: string,
  ): Promise<void> {
    const token = tokenIn(request.headers.cookie);
    const device = token === null ? null : maybeDeviceOf(this.setup.db, hashOf(token));
    if (device === null && !isBeforePairing(path) && !isByKey(path)) {
      return outside(request, response);
    }
    if (device?.role === 'wall' && path === '/') return sentTo(response, '/wall');
    if (device !== null) this.track(device, response);
    return this.pass(request, response, device);
  }

  /** On to the shop, as this machine’s own: names and origin were checked here. */
  private async pass(
    request: IncomingMessage,
    response: ServerResponse,
    device: Device | null,
  ): Promise<void> {
    const { shopPort, key } = this.setup;
    const own = `127.0.0.1:${shopPort}`;
    const { headers } = request;
    for (const name of Object.keys(headers)) {
      if (/^(x-|forwarded$)/.test(name)) delete headers[name];
    }
    // What the shop knows a device by is nothing that it needs to know.
    delete headers.cookie;
    headers.host = own;
    if (headers.origin !== undefined) headers.origin = `http://${own}`;
    headers[GATE_KEY_HEADER] = key;
    headers[GATE_WHO_HEADER] = whoText(
      device === null
        ? null
        : {
            device: { id: device.id, name: device.name },
            role: device.role,
            person: device.person,
          },
    );
    response.on('close', () => {
      if (!response.writableFinished) request.destroy();
    });
    await this.proxy.web(request, response, { target: `http://${own}` });
  }

  private async pair(
    request: IncomingMessage,
    response: ServerResponse,
    address: string,
  ): Promise<void> {
    if (!(await allowed(this.codes, address)) || !(await allowed(this.codesOfAll, 'all'))) {
      return said(response, 429, { sentence: tr`Too many codes were tried. Wait ten minutes.` });
    }
    const found = paired(this.setup.db, await formOf(request), Date.now());
    if (!found.ok) return said(response, 400, { sentence: found.sentence });
    response.setHeader('Set-Cookie', cookieOf(found.token));
    return said(response, 200, { name: found.device.name, role: found.device.role });
  }

  private track(device: Device, response: ServerResponse): void {
    const nowMs = Date.now();
    if (nowMs - (this.seen.get(device.id) ?? 0) > SEEN_MS) {
      this.seen.set(device.id, nowMs);
      seeDevice(this.setup.db, device.id, nowMs);
    }
    const under = this.open.get(device.id) ?? new Set();
    this.open.set(device.id, under.add(response));
    response.on('close', () => under.delete(response));
  }

  /** Ends what is under way for devices that were shut out since. */
  private endShutOut(): void {
    const version = waysInVersion(this.setup.db);
    if (version === this.version) return;
    this.version = version;
    for (const { id, shutMs } of listDevices(this.setup.db)) {
      if (shutMs === null) continue;
      for (const response of this.open.get(id) ?? []) response.destroy();
      this.open.delete(id);
    }
  }
}

async function allowed(limit: RateLimiterMemory, key: string): Promise<boolean> {
  return limit.consume(key).then(
    () => true,
    () => false,
  );
}

function askerOf({ method, headers }: IncomingMessage) {
  const said = (name: string) => {
    const value = headers[name];
    return typeof value === 'string' ? value : null;
  };
  return {
    method: method ?? 'GET',
    host: said('host'),
    origin: said('origin'),
    site: said('sec-fetch-site'),
    mode: said('sec-fetch-mode'),
    dest: said('sec-fetch-dest'),
  };
}

/** The path of a request as the shop reads it; null for one that can not be read. */
function pathOf(url: string | undefined): string | null {
  if (url?.startsWith('/') !== true || url.startsWith('//')) return null;
  try {
    return decodeURIComponent(new URL(url, 'http://shop').pathname);
  } catch {
    return null;
  }
}

/** A page of a device that is not in goes to the page of pairing; anything else is told nothing. */
function outside(request: IncomingMessage, response: ServerResponse): void {
  const isPage = request.method === 'GET' && (request.headers.accept ?? '').includes('text/html');
  if (isPage) return sentTo(response, '/pair');
  plain(response, 401, tr`This device is not let in.`);
}

function sentTo(response: ServerResponse, path: string): void {
  response.writeHead(303, { Location: path, 'Cache-Control': 'no-store' }).end();
}

function plain(response: ServerResponse, status: number, text: string): void {
  if (response.headersSent) return void response.destroy();
  const headers = { 'Content-Type': 'text/plain; charset=utf-8', 'Cache-Control': 'no-store' };
  response.writeHead(status, headers).end(text);
}

function said(response: ServerResponse, status: number, value: unknown): void {
  const headers = { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' };
  response.writeHead(status, headers).end(JSON.stringify(value));
}

/** What a page of pairing sends; null for what is too long or can not be read. */
async function formOf(request: IncomingMessage): Promise<unknown> {
  const parts: Buffer[] = [];
  let bytes = 0;
  for await (const part of request) {
    bytes += (part as Buffer).length;
    if (bytes > MOST_PAIR_BYTES) return null;
    parts.push(part as Buffer);
  }
  try {
    return JSON.parse(Buffer.concat(parts).toString()) as unknown;
  } catch {
    return null;
  }
}
