import { feedSheet, type FeedSheet } from '@/core/cultures';
import { DomainError } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { checkFeed } from './feed-fields';
import { firstFields } from './first-feed-fields';

/** The feed that the form opens with, worked out where the page is made; null where it is refused: the form says why. */
export function firstFeed(facts: FeedFacts): FeedSheet | null {
  const { asks } = checkFeed(firstFields(facts), facts);
  if (asks === null) return null;
  try {
    return feedSheet(asks);
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}
