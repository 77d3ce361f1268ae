/** An act that was done while the shop did not answer: kept on this device until it has. */
export interface WaitingAct {
  /** The command’s own: sent however often, it is written once. */
  readonly id: string;
  readonly name: string;
  readonly args: readonly unknown[];
  /** When it was done, by this device’s clock. */
  readonly saidMs: number;
  /** Why the shop would not have it; null while it was not asked. */
  readonly refused: string | null;
}

/** No acts that wait: one list for all, so that a page of the server’s and one that comes to life see the same. */
export const NONE_WAITING: readonly WaitingAct[] = [];

/** Where a device keeps texts: `localStorage`, or nothing. */
type Shelf = Pick<Storage, 'getItem' | 'setItem'>;

const KEY = 'olvik-waiting';
/** Acts of the hands mean the same an hour later; plans and methods do not. */
const CAN_WAIT: ReadonlySet<string> = new Set([
  'doStep',
  'skipStep',
  'logLook',
  'logReading',
  'logNote',
]);
/** More than a busy night; what is beyond is not kept but told. */
const MOST = 200;

/** The acts that wait on a device, the first one first. */
export class WaitingStore {
  private text: string | null = null;
  private acts: readonly WaitingAct[] = NONE_WAITING;
  private readonly listeners = new Set<() => void>();

  constructor(private readonly shelf: () => Shelf | null) {}

  readonly list = (): readonly WaitingAct[] => {
    const text = this.shelf()?.getItem(KEY) ?? null;
    if (text !== this.text) {
      this.text = text;
      this.acts = read(text);
    }
    return this.acts;
  };

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    // What another page of this device keeps is told by the browser.
    const told = typeof window === 'undefined' ? null : window;
    told?.addEventListener('storage', listener);
    return () => {
      told?.removeEventListener('storage', listener);
      this.listeners.delete(listener);
    };
  };

  /** Keeps an act; false where it can not wait, or the device keeps nothing. */
  keep(act: Omit<WaitingAct, 'refused'>): boolean {
    const acts = this.list();
    if (!CAN_WAIT.has(act.name) || acts.length >= MOST) return false;
    return this.write([...acts, { ...act, refused: null }]);
  }

  /** True while anything is to go to the shop yet. */
  isWaiting(): boolean {
    return this.list().some(({ refused }) => refused === null);
  }

  /** True where an act has to wait for others that were done before it. */
  mustFollow(name: string): boolean {
    return CAN_WAIT.has(name) && this.isWaiting();
  }

  drop(id: string): void {
    this.write(this.list().filter((one) => one.id !== id));
  }

  /** Notes why the shop would not have an act: a person decides what becomes of it. */
  refuse(id: string, refused: string | null): void {
    this.write(this.list().map((one) => (one.id === id ? { ...one, refused } : one)));
  }

  /** Takes an act back that never left: by the batch it would have written. False where none waits. */
  takeBack(batch: unknown): boolean {
    const found = this.list().find(({ args }) => batchIn(args) === batch);
    if (found !== undefined) this.drop(found.id);
    return found !== undefined;
  }

  private write(acts: readonly WaitingAct[]): boolean {
    try {
      const shelf = this.shelf();
      shelf?.setItem(KEY, JSON.stringify(acts));
      for (const listener of this.listeners) listener();
      return shelf !== null;
    } catch {
      return false;
    }
  }
}

/** The batch that an act writes; undefined where it names none. */
export function batchIn([form]: readonly unknown[]): unknown {
  return typeof form === 'object' && form !== null
    ? (form as { batch?: unknown }).batch
    : undefined;
}

function read(text: string | null): readonly WaitingAct[] {
  try {
    const value = JSON.parse(text ?? '[]') as unknown;
    return Array.isArray(value) && value.length > 0 ? (value as WaitingAct[]) : NONE_WAITING;
  } catch {
    return NONE_WAITING;
  }
}

/** What this device keeps. */
export const waitingHere = new WaitingStore(() =>
  typeof localStorage === 'undefined' ? null : localStorage,
);
