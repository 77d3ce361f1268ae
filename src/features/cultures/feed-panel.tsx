'use client';

import { tr } from '@/words/tr';
import { useCallback, useMemo } from 'react';
import type { FeedSheet } from '@/core/cultures';
import { toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import { clockText } from '@/ui/format';
import type { CultureActions } from './culture-actions';
import { checkFeed, isLater, mixInstant, otherChoices } from './feed-fields';
import { firstFields, type FeedFields } from './first-feed-fields';
import { FeedFound } from './feed-found';
import { FeedWants } from './feed-wants';
import { feedMade } from './made-of';
import { useWish } from './use-wish';
import { WishPanel } from './wish-panel';

/** The same wish elsewhere is worked out after the feed itself. */
const THEN_MS = 160;

/** The feed of one starter: four wants, the ratio found, what to weigh. */
export function FeedPanel(props: {
  facts: FeedFacts;
  /** The feed that it opens with, where it came with the page. */
  first: FeedSheet | null;
  actions: CultureActions;
}) {
  const { facts, first, actions } = props;
  const check = useCallback((typed: FeedFields) => checkFeed(typed, facts), [facts]);
  const wish = useWish('feed', { first: () => firstFields(facts), check, answer: first }, actions);
  const { fields, change, asks } = wish;
  const others = useMemo(
    () => (asks === null ? null : { ...asks, others: otherChoices(fields, facts) }),
    [asks, fields, facts],
  );
  const elsewhere = useTypedCompute('feedChoices', others, THEN_MS);
  return (
    <WishPanel
      wish={wish}
      wants={<FeedWants facts={facts} fields={fields} errors={wish.errors} onChange={change} />}
      waits={tr`Finding the ratio…`}
      found={(sheet, width) => (
        <FeedFound
          sheet={sheet}
          choices={elsewhere.answer ?? []}
          fields={fields}
          facts={facts}
          width={width}
          busy={wish.busy}
          onChange={change}
          onTake={() => wish.take(takenOf(sheet, fields, facts), () => saidOf(fields, facts))}
        />
      )}
    />
  );
}

/** What the wish writes. */
function takenOf({ amounts, placeId, startC }: FeedSheet, fields: FeedFields, facts: FeedFacts) {
  const later = isLater(fields, facts);
  const at = later ? toLocalText(mixInstant(fields, facts), facts.timeZone) : null;
  const made = feedMade(amounts, fields.fromLotId);
  return {
    wish: 'make',
    cultureId: facts.culture.id,
    tense: later ? 'planned' : 'done',
    makes: [{ as: fields.as, at, ...made, placeId, startC }],
  };
}

function saidOf(fields: FeedFields, facts: FeedFacts): string {
  const what = `${fields.as === 'levain' ? tr`Levain of ` : ''}${facts.culture.name}`;
  if (!isLater(fields, facts)) return `${what}: ${fields.as === 'levain' ? tr`built` : tr`fed`}.`;
  return tr`${what}: planned for ${clockText(mixInstant(fields, facts), facts.timeZone)}.`;
}
