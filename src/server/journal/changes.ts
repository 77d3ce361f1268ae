import { databaseVersion } from '@/data';
import type { ShopContext } from '../context';
import { asideOf } from '../odds/aside';

/** How often the database is asked whether anything was written, ms: a change is told well within a second. */
const ASK_EVERY_MS = 60;

interface Watch {
  readonly listeners: Set<(version: string) => void>;
  timer: ReturnType<typeof setInterval> | null;
  version: string;
}

const holder = globalThis as { olvikWatch?: Watch };

/** Tells a listener of every change of the shop; one question to the database serves all listeners. */
export function watchShop(context: ShopContext, onChange: (version: string) => void): () => void {
  holder.olvikWatch ??= { listeners: new Set(), timer: null, version: '' };
  const watch = holder.olvikWatch;
  watch.listeners.add(onChange);
  if (watch.timer === null) {
    watch.version = shopVersion(context);
    watch.timer = setInterval(() => ask(context, watch), ASK_EVERY_MS);
    watch.timer.unref();
  }
  return () => {
    watch.listeners.delete(onChange);
    if (watch.listeners.size > 0 || watch.timer === null) return;
    clearInterval(watch.timer);
    watch.timer = null;
  };
}

function ask(context: ShopContext, watch: Watch): void {
  // Another shop was put in its place: its pages have asked anew.
  if (!context.db.open) return;
  const version = shopVersion(context);
  if (version === watch.version) return;
  watch.version = version;
  for (const listener of watch.listeners) listener(version);
}

/** A text that changes with everything written to the shop, and with everything worked out aside. */
export function shopVersion(context: ShopContext): string {
  return `${databaseVersion(context.db)}.${asideOf(context).done()}`;
}
