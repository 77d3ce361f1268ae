import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { request as httpRequest, type IncomingHttpHeaders } from 'node:http';
import { request as httpsRequest } from 'node:https';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort } from '@/server/demo/free-port';

/** A shop served for a part of the campaign, on a folder of its own. */
export interface ServedShop {
  readonly folder: string;
  readonly port: number;
  readonly gate: { readonly host: string; readonly port: number };
  /** Memory of the server’s processes, bytes. */
  readonly memory: () => number;
  /** Processor time that they have used, s. */
  readonly processorS: () => number;
  readonly stop: () => Promise<void>;
}

/**
 * Serves a shop of its own, empty or the demo’s, with its gate at an address of this machine that stands for the network.
 */
export async function serveShop(
  gateHost: string,
  mode: 'own' | 'demo' = 'own',
): Promise<ServedShop> {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-torture-'));
  const [port, gatePort] = [await freePort(), await freePort()];
  const child = spawn(process.execPath, ['bin/lib/bundle.mjs', 'serve', mode, '--share'], {
    detached: true,
    stdio: ['ignore', 'pipe', 'ignore'],
    env: {
      ...process.env,
      [mode === 'demo' ? 'OLVIK_DEMO_DATA' : 'OLVIK_DATA']: folder,
      OLVIK_PORT: String(port),
      OLVIK_SHARE_HOST: gateHost,
      OLVIK_SHARE_PORT: String(gatePort),
      OLVIK_LOG: 'silent',
    },
  });
  const ended = new Promise((resolve) => child.once('exit', resolve));
  await new Promise<void>((resolve, reject) => {
    child.stdout.on('data', (chunk: Buffer) => chunk.includes('Olvik is open') && resolve());
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
  });
  const pids = () => family(child.pid as number);
  return {
    folder,
    port,
    gate: { host: gateHost, port: gatePort },
    memory: () => pids().reduce((sum, pid) => sum + memoryOf(pid), 0),
    processorS: () => pids().reduce((sum, pid) => sum + processorOf(pid), 0),
    stop: async () => {
      process.kill(-(child.pid as number), 'SIGKILL');
      await ended;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** A process with all that it started. */
function family(root: number): number[] {
  const children = readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter((pid) => Number(fieldsOf(pid)[1]) === root);
  return [root, ...children.flatMap(family)];
}

/** What the system says of a process, after its name: state, parent, … */
function fieldsOf(pid: number): string[] {
  const file = `/proc/${pid}/stat`;
  try {
    const text = existsSync(file) ? readFileSync(file, 'utf8') : '';
    return text.slice(text.lastIndexOf(')') + 2).split(' ');
  } catch {
    return [];
  }
}

const PAGE_BYTES = 4096;
const memoryOf = (pid: number) => Number(fieldsOf(pid)[21] ?? 0) * PAGE_BYTES;
const TICKS_A_S = 100;
const processorOf = (pid: number) =>
  (Number(fieldsOf(pid)[11] ?? 0) + Number(fieldsOf(pid)[12] ?? 0)) / TICKS_A_S;

/** What is asked of a server. */
export interface Asked {
  readonly method?: string;
  readonly path: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: Buffer | string;
}

/** What it answers; status 0: it hung up. */
export interface Answered {
  readonly status: number;
  readonly text: string;
  readonly headers: IncomingHttpHeaders;
}

const PATIENCE_MS = 20_000;

/** Asks a shop on this machine, or through its gate, and waits for the answer. */
export function ask(
  where: {
    readonly host: string;
    readonly port: number;
    readonly tls: boolean;
    /** The address that it comes from; left out: this machine’s usual one. */
    readonly localAddress?: string;
  },
  asked: Asked,
): Promise<Answered> {
  const { method = 'GET', path: url, headers = {}, body } = asked;
  const options = {
    host: where.host,
    port: where.port,
    ...(where.localAddress === undefined ? {} : { localAddress: where.localAddress }),
    path: url,
    method,
    headers,
    agent: false as const,
    rejectUnauthorized: false,
  };
  return new Promise((resolve) => {
    const gone = (text: string) => resolve({ status: 0, text, headers: {} });
    try {
      const send = where.tls ? httpsRequest : httpRequest;
      const request = send(options, (response) => {
        let text = '';
        const answered = () =>
          resolve({ status: response.statusCode ?? 0, text, headers: response.headers });
        response.on('data', (part: Buffer) => {
          if (text.length < 200_000) text += part.toString();
        });
        response.on('end', answered);
        response.on('error', answered);
        // A stream goes on for ever: its head is enough.
        if (response.headers['content-type'] === 'text/event-stream') {
          answered();
          request.destroy();
        }
      });
      request.setTimeout(PATIENCE_MS, () => {
        request.destroy();
        resolve({ status: -1, text: 'no answer in time', headers: {} });
      });
      request.on('error', (error) => gone(error.message));
      request.end(body);
    } catch (error) {
      gone(String(error));
    }
  });
}
