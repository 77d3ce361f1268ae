import type { EntryDraft } from '../../journal/entries';

/** The entries of a wish, and the lots that it makes or moves. */
export interface WishDrafts {
  readonly drafts: readonly EntryDraft[];
  readonly lotIds: readonly string[];
}
