import { tr } from '@/words/tr';
import { type Db } from '@/data';
import { gateState, openWaysIn, saveGateFound, waysInVersion } from '@/data/ways-in';
import type { GateState } from '@/shop/kept/device';
import { certificateFor } from './certificate';
import { openGate, type OpenGate } from './gate';
import { ownNames } from './names';

/** What keeps a gate for a data folder. */
export interface GateKeeping {
  readonly folder: string;
  readonly shopPort: number;
  readonly key: string;
  /** Where it listens: an address, 0.0.0.0 for all; and the port. */
  readonly host: string;
  readonly port: number;
  /** Further names that it answers to. */
  readonly names: ReadonlySet<string>;
  /** Open whatever the shop says: asked for as Olvik was started. */
  readonly always: boolean;
}

/** How often the shop’s wish is looked at, ms. */
const LOOK_MS = 300;

/**
 * Opens and closes the gate as the shop wishes, for as long as the server runs.
 * @returns ends it
 */
export async function keepGate(keeping: GateKeeping): Promise<() => Promise<void>> {
  const keeper = new Keeper(keeping);
  await keeper.look();
  const timer = setInterval(() => void keeper.look(), LOOK_MS);
  timer.unref();
  return async () => {
    clearInterval(timer);
    await keeper.end();
  };
}

class Keeper {
  private readonly db: Db;
  private gate: OpenGate | null = null;
  private version = -1;
  private busy = false;

  constructor(private readonly keeping: GateKeeping) {
    this.db = openWaysIn(keeping.folder);
    // What the last run found is over, however it ended.
    saveGateFound(this.db, this.closedState());
  }

  private closedState(): Omit<GateState, 'wanted'> {
    const { always } = this.keeping;
    return { always, addresses: [], fingerprint: null, trouble: null };
  }

  async look(): Promise<void> {
    const version = waysInVersion(this.db);
    if (this.busy || version === this.version) return;
    this.busy = true;
    this.version = version;
    try {
      const wanted = this.keeping.always || gateState(this.db).wanted;
      if (wanted && this.gate === null) await this.openUp();
      if (!wanted && this.gate !== null) await this.closed();
    } finally {
      this.busy = false;
    }
  }

  async end(): Promise<void> {
    await this.gate?.close();
    this.gate = null;
    saveGateFound(this.db, { ...this.closedState(), always: false });
    this.db.close();
  }

  private async closed(): Promise<void> {
    await this.gate?.close();
    this.gate = null;
    saveGateFound(this.db, this.closedState());
  }

  private async openUp(): Promise<void> {
    const { folder, host, port, names: more, shopPort, key } = this.keeping;
    const names = ownNames(host, more);
    const { db } = this;
    try {
      if (names.length === 0) throw new Error(tr`this machine is on no network`);
      const certificate = await certificateFor(folder, names, Date.now());
      const setup = { db, certificate, host, port, names: new Set(names), shopPort, key };
      this.gate = await openGate(setup);
      const addresses = names.map((name) => `https://${name}:${port}`);
      const { fingerprint } = certificate;
      saveGateFound(db, { ...this.closedState(), addresses, fingerprint });
    } catch (error) {
      saveGateFound(db, { ...this.closedState(), trouble: troubleOf(error, port) });
    }
  }
}

function troubleOf(error: unknown, port: number): string {
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE') {
    return tr`Port ${port} is in use. Stop what uses it, or choose another with OLVIK_SHARE_PORT and start Olvik anew.`;
  }
  if (code === 'EACCES') return tr`Port ${port} may not be opened. Choose one above 1024.`;
  return tr`It could not be opened: ${message}.`;
}
