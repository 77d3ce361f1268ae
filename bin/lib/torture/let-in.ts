import { randomUUID } from 'node:crypto';
import type { Db } from '@/data';
import { addDevice } from '@/data/ways-in';
import { hashOf, newSecret } from '@/server/ways-in/ways-in';

/** Devices of a crew. */
export const DEVICES = 6;

/** Devices come from addresses of their own, as they do on a network. */
export const addressOf = (n: number): string => `127.0.2.${1 + (n % DEVICES)}`;

/** Lets a device in; the cookie that it comes with. */
export function letIn(db: Db, n: number): string {
  const token = newSecret();
  const nowMs = Date.now();
  const times = { pairedMs: nowMs, seenMs: nowMs, shutMs: null };
  const device = { id: randomUUID(), name: `Device ${n}`, role: 'all', person: null } as const;
  addDevice(db, { ...device, ...times }, hashOf(token));
  return `__Host-olvik-device=${token}`;
}
