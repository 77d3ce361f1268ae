import type { LotForecast } from './lot-told';

/** A forecast with what it was made from. */
interface Kept {
  readonly key: string;
  readonly lot: LotForecast;
}

/** Forecasts of lots, kept from one forecast of the shop to the next: only what changed is run anew. */
export class RememberedLots {
  private kept = new Map<string, Kept>();
  private next = new Map<string, Kept>();
  private stamps = new WeakMap<LotForecast, number>();
  private lastStamp = 0;

  /** A number that stands for one forecast of a lot; two forecasts never share it. */
  stampOf(lot: LotForecast | undefined): number {
    if (lot === undefined) return 0;
    const known = this.stamps.get(lot);
    if (known !== undefined) return known;
    this.lastStamp += 1;
    this.stamps.set(lot, this.lastStamp);
    return this.lastStamp;
  }

  /** The kept forecast of a lot where it rests on the same facts, else a new one. */
  lot(lotId: string, key: string, make: () => LotForecast): LotForecast {
    const known = this.kept.get(lotId);
    const lot = known?.key === key ? known.lot : make();
    this.next.set(lotId, { key, lot });
    return lot;
  }

  /** Keeps the same forecast with its story told anew; its stamp stays, for its runs are the same. */
  again(lotId: string, lot: LotForecast): LotForecast {
    const known = this.next.get(lotId);
    if (known === undefined) return lot;
    this.stamps.set(lot, this.stampOf(known.lot));
    this.next.set(lotId, { key: known.key, lot });
    return lot;
  }

  /** Ends one forecast of the shop: what it did not ask for is forgotten. */
  turn(): void {
    this.kept = this.next;
    this.next = new Map();
  }
}
