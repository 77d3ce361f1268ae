'use client';

import { useMemo } from 'react';
import type { FeedChoice, FeedSheet } from '@/core/cultures';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import { checkFeed, otherChoices } from './feed-fields';
import type { FeedFields } from './first-feed-fields';

/** What a feed form leads to. */
interface LiveFeed {
  readonly sheet: FeedSheet | null;
  readonly choices: readonly FeedChoice[];
  readonly errors: Readonly<Record<string, string>>;
  /** Why the core refused. */
  readonly refused: string | null;
  /** True while what is shown answers older wants. */
  readonly busy: boolean;
}

const TYPING_MS = 80;

/**
 * Works the feed out as it is typed, in a worker; then the same wish elsewhere and at other hours.
 * @param first the feed that the form opens with
 */
export function useFeedSheet(
  fields: FeedFields,
  facts: FeedFacts,
  first: FeedSheet | null,
): LiveFeed {
  const checked = useMemo(() => checkFeed(fields, facts), [fields, facts]);
  const others = useMemo(
    () =>
      checked.question === null
        ? null
        : { ...checked.question, others: otherChoices(fields, facts) },
    [checked, fields, facts],
  );
  const found = useTypedCompute('feed', checked.question, TYPING_MS, first);
  const elsewhere = useTypedCompute('feedChoices', others, 2 * TYPING_MS);
  return {
    sheet: checked.errors === null ? found.answer : null,
    choices: elsewhere.answer ?? [],
    errors: checked.errors ?? {},
    refused: found.refused,
    busy: found.busy,
  };
}
