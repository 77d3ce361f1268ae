import { tr } from '@/words/tr';
import type { DeviceRole, KeyKind } from '@/shop/kept/device';
import type { Outcome } from '@/shop/outcome';

/** What the view of other devices can have done. */
export interface DeviceActions {
  readonly share: (form: { wanted: boolean }) => Promise<Outcome<{ wanted: boolean }>>;
  readonly letIn: (form: {
    role: DeviceRole;
    person: string | null;
  }) => Promise<Outcome<{ code: string; forMs: number }>>;
  readonly shutOut: (form: { id: string }) => Promise<Outcome<{ id: string }>>;
  readonly giveKey: (form: {
    kind: KeyKind;
    name: string;
  }) => Promise<Outcome<{ id: string; kind: KeyKind; secret: string }>>;
  readonly takeKeyBack: (form: { id: string }) => Promise<Outcome<{ id: string }>>;
}

/** Roles as the crew says them. */
export const ROLE_WORDS: Readonly<
  Record<DeviceRole, { readonly name: string; readonly says: string }>
> = {
  all: {
    get name() {
      return tr`Everything`;
    },
    get says() {
      return tr`plans, methods and the shop too`;
    },
  },
  hands: {
    get name() {
      return tr`Hands`;
    },
    get says() {
      return tr`does steps, looks, measures, notes`;
    },
  },
  wall: {
    get name() {
      return tr`Wall`;
    },
    get says() {
      return tr`is looked at, writes nothing`;
    },
  },
};
