import type { IncomingHttpHeaders } from 'node:http';
import { request } from 'node:https';
import path from 'node:path';
import Database from 'better-sqlite3';
import { contextOver } from '@/server/context';
import { loadShop } from '@/server/shop/load-shop';
import { DEMO_NOW } from './journey';

/** What an address answers to somebody without a browser. */
export const ask = (
  url: string,
  of: { method?: string; headers?: Record<string, string>; body?: string } = {},
): Promise<{ status: number; text: string; headers: IncomingHttpHeaders }> =>
  new Promise((resolve, reject) => {
    const { method = 'GET', headers = {}, body } = of;
    const asked = request(url, { method, headers, rejectUnauthorized: false }, (response) => {
      let text = '';
      response.on('data', (part: Buffer) => (text += part.toString()));
      response.on('end', () =>
        resolve({ status: response.statusCode ?? 0, text, headers: response.headers }),
      );
    });
    asked.on('error', reject);
    asked.end(body);
  });

/** A dough that is planned, by its step. */
export function mixStepOf(folder: string): string {
  const db = new Database(path.join(folder, 'data', 'olvik.sqlite'), { readonly: true });
  const context = {
    ...contextOver(db),
    clock: () => ({ nowMs: Date.parse(DEMO_NOW), rate: 0, demo: true }),
  };
  const step = loadShop(context).folded.plan.find(
    ({ act }) => act.kind === 'make' && act.lotKind === 'dough',
  );
  db.close();
  return encodeURIComponent(step!.stepId);
}
