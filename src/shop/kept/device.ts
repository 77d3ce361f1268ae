/** What a device may do: everything, the work of the hands, or look. */
export const DEVICE_ROLES = ['all', 'hands', 'wall'] as const;
export type DeviceRole = (typeof DEVICE_ROLES)[number];

/** Another device of the crew that was let in. */
export interface Device {
  readonly id: string;
  readonly name: string;
  readonly role: DeviceRole;
  /** Whose it is; null: everybody’s. */
  readonly person: string | null;
  readonly pairedMs: number;
  readonly seenMs: number;
  /** When it was shut out; null while it may come in. */
  readonly shutMs: number | null;
}

/** What opens without a device: the calendar to be read, readings and what a scale shows to be sent, labels to be printed. */
export const KEY_KINDS = ['calendar', 'readings', 'scale', 'labels'] as const;
export type KeyKind = (typeof KEY_KINDS)[number];

/** A key that was given out. The secret itself is not kept, only how to know it again. */
export interface WayKey {
  readonly id: string;
  readonly kind: KeyKind;
  readonly name: string;
  readonly madeMs: number;
  /** Used last; null: never. */
  readonly usedMs: number | null;
}

/** What the way in for other devices says of itself. */
export interface GateState {
  /** Wanted by the shop. */
  readonly wanted: boolean;
  /** Open for this run whatever is wanted: it was asked for as Olvik was started. */
  readonly always: boolean;
  /** Addresses at which it answers; empty while it is closed. */
  readonly addresses: readonly string[];
  /** SHA-256 of its certificate, in pairs; null while there is none. */
  readonly fingerprint: string | null;
  /** Why it is not open though it is wanted; null where it is. */
  readonly trouble: string | null;
}
