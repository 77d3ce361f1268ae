import { bareName } from '@/words/bare';
import { tr } from '@/words/tr';
import { bodySays, plannedSays } from './entry-words';
import { sentenceInUnits, type SaidUnits } from '@/shop/sentence-in-units';
import type { Entry } from '@/core/journal';

/** A batch of the journal as the Log shows it. */
export interface LogRow {
  readonly batch: string;
  readonly atMs: number;
  readonly recordedMs: number;
  /** The day it stands under: when it was done, or planned. */
  readonly standsMs: number;
  readonly tense: 'planned' | 'done';
  readonly says: string;
  /** Who, and from which other device. */
  readonly by: string | null;
  readonly lotId: string | null;
  /** The bake it belongs to, with its name. */
  readonly bake: { readonly id: string; readonly name: string } | null;
  /** True when everything it wrote was taken back. */
  readonly struck: boolean;
  /** Why what it wrote does not count; null where it does. */
  readonly doesNotCount: string | null;
}

/** What stands beside the entries themselves. */
export interface Marks {
  readonly struck: ReadonlySet<string>;
  /** Sentences by entry. */
  readonly not: ReadonlyMap<string, string>;
}

/** What entries are said by. */
interface Named {
  readonly names: ReadonlyMap<string, string>;
  readonly bakes: ReadonlyMap<string, string>;
  readonly units: SaidUnits | null;
}

/** A note stays as it was written. */
const isOwnWords = (batch: readonly Entry[]) => batch.some((one) => one.body.kind === 'note');

/** The lots that an entry names. */
export function lotsNamed(body: Entry['body']): string[] {
  const act = body.kind === 'replace' ? body.act : body;
  return 'lotId' in act && act.lotId !== undefined ? [act.lotId] : [];
}

/** An entry as the Log shows it, in the units of the shop. */
export function rowOf(
  batch: readonly Entry[],
  { struck, not }: Marks,
  { names, bakes, units }: Named,
): LogRow {
  const first = batch[0] as Entry;
  const bakeName = bakes.get(first.bakeId ?? '');
  const says = saysOf(batch, names);
  return {
    batch: first.batch,
    atMs: first.atMs,
    recordedMs: first.recordedMs,
    standsMs: first.tense === 'done' ? first.atMs : first.recordedMs,
    tense: first.tense,
    says: isOwnWords(batch) || units === null ? says : sentenceInUnits(says, units),
    by: whoseText(first),
    lotId: lotsNamed(first.body)[0] ?? null,
    bake:
      first.bakeId === null || bakeName === undefined ? null : { id: first.bakeId, name: bakeName },
    struck: batch.every((entry) => struck.has(entry.id)),
    doesNotCount: batch.map((entry) => not.get(entry.id)).find((one) => one !== undefined) ?? null,
  };
}

function saysOf(batch: readonly Entry[], names: ReadonlyMap<string, string>): string {
  const first = batch[0] as Entry;
  const { body } = first;
  const name = (lotId: string) => names.get(lotId) ?? lotId;
  // A note written with other entries says what they are about.
  const about = batch.slice(1).find((one) => one.body.kind === 'note')?.body;
  if (about?.kind === 'note') return about.text;
  if (first.tense === 'planned' && batch.length > 1 && body.kind === 'make') {
    return tr`Planned ${bareName(body.name, 'poolish')}: ${batch.length} steps`;
  }
  return first.tense === 'planned' ? plannedSays(body, name) : bodySays(body, name);
}

/** Who did it, and on which other device: "Jo, Bench tablet"; null where neither is known. */
function whoseText({ by, device }: Entry): string | null {
  const known = [by, device].filter((one) => one != null);
  return known.length === 0 ? null : known.join(', ');
}
