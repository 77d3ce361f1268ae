import { AsyncLocalStorage } from 'node:async_hooks';
import { timingSafeEqual } from 'node:crypto';
import { z } from '@/core/parse';
import { DEVICE_ROLES, type DeviceRole } from '@/shop/kept/device';

/** Who asks: the machine that Olvik runs on, or another device that was let in. */
export interface Who {
  /** Null: this machine. */
  readonly device: { readonly id: string; readonly name: string } | null;
  readonly role: DeviceRole;
  /** Whose hands; null: everybody’s. */
  readonly person: string | null;
}

/** Headers by which the gate tells the server who asks; what others send of that name is not believed. */
export const GATE_KEY_HEADER = 'x-olvik-gate';
export const GATE_WHO_HEADER = 'x-olvik-who';

const whoSchema = z.object({
  device: z.object({ id: z.string(), name: z.string() }).nullable(),
  role: z.enum(DEVICE_ROLES),
  person: z.string().nullable(),
});

/** Who asks, as a header holds it. */
export const whoText = (who: Who | null): string =>
  Buffer.from(JSON.stringify(who)).toString('base64url');

/**
 * Who sent a request. One that did not come through the gate is of this machine.
 * @param key what the gate and the server share, of this run
 * @returns null for a device that is not let in: it sees the page of pairing and nothing else
 */
export function whoOf(
  headers: Pick<Headers, 'get'>,
  key: string | undefined,
  here: () => string | null,
): Who | null {
  const said = headers.get(GATE_KEY_HEADER);
  if (said === null) return { device: null, role: 'all', person: here() };
  if (key === undefined || !isSame(said, key)) return null;
  try {
    const text = Buffer.from(headers.get(GATE_WHO_HEADER) ?? '', 'base64url').toString();
    const parsed = whoSchema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

function isSame(a: string, b: string): boolean {
  const [one, other] = [Buffer.from(a), Buffer.from(b)];
  return one.length === other.length && timingSafeEqual(one, other);
}

const holder = globalThis as { olvikAsking?: AsyncLocalStorage<Who> };

/** Who asks, for as long as a command of theirs runs. It hangs on the process: pages and route handlers are built apart. */
export const asking: AsyncLocalStorage<Who> = (holder.olvikAsking ??= new AsyncLocalStorage<Who>());
