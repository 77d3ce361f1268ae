import { CULTURE_KINDS, isStarter, type Culture, type CultureKind } from '@/core/cultures';
import { isUsedUp } from '@/core/journal';
import { aboutCulture, type About } from './about';
import { bringingFacts, type BringingFacts } from './bringing-facts';
import { chainFacts, type ChainFacts } from './chain-facts';
import { describingFacts, type DescribingFacts } from './describing-facts';
import { discardFacts, type DiscardFacts } from './discard-facts';
import { feedFacts, type FeedFacts } from './feed-facts';
import { frozenFacts, type FrozenFacts } from './frozen-facts';
import { isFrozen, type Of } from './rows/of';
import { youngFacts, type YoungFacts } from './young-facts';

/** What stands beside the rows. */
export type Panel =
  | { readonly kind: 'none' }
  | { readonly kind: 'empty'; readonly openedId: string; readonly culture: Culture }
  | { readonly kind: 'feed' | 'series'; readonly openedId: string; readonly facts: FeedFacts }
  | { readonly kind: 'young'; readonly openedId: string; readonly facts: YoungFacts }
  | { readonly kind: 'about'; readonly openedId: string; readonly about: About }
  | { readonly kind: 'describe'; readonly openedId: string | null; readonly facts: DescribingFacts }
  | { readonly kind: 'bring'; readonly openedId: null; readonly facts: BringingFacts }
  | { readonly kind: 'chain'; readonly openedId: string; readonly facts: ChainFacts }
  | { readonly kind: 'discard'; readonly openedId: string; readonly facts: DiscardFacts }
  | { readonly kind: 'frozen'; readonly openedId: string; readonly facts: FrozenFacts };

/** First parts of a path that are no culture’s id. */
export const RESERVED: readonly string[] = ['new', 'frozen', 'bring'];

/** The panel of a path; nothing for one that leads nowhere. */
export function openedPanel(of: Of, [first, second]: readonly string[]): Panel {
  if (first === undefined) return { kind: 'none' };
  if (first === 'new') {
    const kind = CULTURE_KINDS.find((one) => one === second) ?? 'liquid starter';
    return { kind: 'describe', openedId: null, facts: describingFacts(of, null, kind) };
  }
  if (first === 'bring') return { kind: 'bring', openedId: null, facts: bringingFacts(of, second) };
  if (first === 'frozen') return frozenPanel(of, second);
  const culture = of.cultures.find((one) => one.id === first);
  if (culture === undefined) return { kind: 'none' };
  return ofCulture(of, culture, second);
}

function ofCulture(of: Of, culture: Culture, what: string | undefined): Panel {
  const openedId = culture.id;
  if (what === 'edit') {
    const kind: CultureKind = culture.kind;
    return { kind: 'describe', openedId, facts: describingFacts(of, culture, kind) };
  }
  if (culture.retiredMs !== null) return { kind: 'empty', openedId, culture };
  if (culture.kind === 'carry-over') {
    return { kind: 'chain', openedId, facts: chainFacts(of, culture) };
  }
  if (culture.kind === 'discard') {
    return { kind: 'discard', openedId, facts: discardFacts(of, culture) };
  }
  return isStarter(culture) ? ofStarter(of, culture, what) : { kind: 'none' };
}

function ofStarter(of: Of, culture: Culture, what: string | undefined): Panel {
  const openedId = culture.id;
  const young = youngFacts(of, culture);
  if (what === 'about') return { kind: 'about', openedId, about: aboutCulture(of, culture) };
  if (young !== null) return { kind: 'young', openedId, facts: young };
  const facts = feedFacts(of.context, of.state, of.forecast, culture);
  if (facts === null) return { kind: 'empty', openedId, culture };
  return { kind: what === 'series' ? 'series' : 'feed', openedId, facts };
}

function frozenPanel(of: Of, lotId: string | undefined): Panel {
  const lot = lotId === undefined ? undefined : of.stock.get(lotId);
  if (lot === undefined || isUsedUp(lot) || !isFrozen(lot, of)) return { kind: 'none' };
  const facts = frozenFacts(of, lot);
  return facts === null ? { kind: 'none' } : { kind: 'frozen', openedId: lot.id, facts };
}
