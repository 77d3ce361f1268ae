'use client';

import { useMemo } from 'react';
import type { FeedChoice, FeedSheet } from '@/core/cultures';
import type { FeedFacts } from '@/services/cultures/feed-facts';
import { useCompute } from '@/ui/compute/use-compute';
import { useSettled } from '@/ui/use-settled';
import { checkFeed, otherChoices, type FeedFields } from './feed-fields';

/** What a feed form leads to. */
interface LiveFeed {
  readonly sheet: FeedSheet | null;
  readonly choices: readonly FeedChoice[];
  readonly errors: Readonly<Record<string, string>>;
  /** Why the core refused. */
  readonly refused: string | null;
  readonly busy: boolean;
}

const TYPING_MS = 80;

/** Works the feed out as it is typed, in a worker; then the same wish elsewhere and at other hours. */
export function useFeedSheet(fields: FeedFields, facts: FeedFacts): LiveFeed {
  const checked = useMemo(() => checkFeed(fields, facts), [fields, facts]);
  const question = useSettled(checked.question, TYPING_MS);
  const others = useMemo(
    () => (question === null ? null : { ...question, others: otherChoices(fields, facts) }),
    [question, fields, facts],
  );
  const found = useCompute('feed', question);
  const elsewhere = useCompute('feedChoices', useSettled(others, TYPING_MS));
  return {
    sheet: checked.errors === null ? found.answer : null,
    choices: elsewhere.answer ?? [],
    errors: checked.errors ?? {},
    refused: found.refused,
    busy: found.busy,
  };
}
