'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { DoughFacts } from '@/shop/doughs/facts';
import type { Way, WayPlan } from '@/shop/doughs/ways';
import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import { momentText, percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { MethodStages } from '@/ui/strand/method-stages';
import { useWidth } from '@/ui/use-width';
import { fromLocalText } from '@/core/units';
import type { Working } from './use-method';
import { wayWords } from './way-words';

/** A method beside its other ways, for the same service on one clock: hours in the cold, tempering, a boost, its leaven. */
export function WaysPanel({ working, facts }: { working: Working; facts: DoughFacts }) {
  const [opened, setOpened] = useState(false);
  const { method, wish } = working;
  const asks = useMemo(
    () => (opened ? { bake: { ...wish, method }, facts } : null),
    [opened, wish, method, facts],
  );
  const { answer, busy, share, refused, stop } = useTypedCompute('ways', asks, 400);
  return (
    <Box
      component="section"
      aria-label={tr`Other ways of this dough`}
      sx={{ borderTop: '2px solid var(--ink)', px: 2, py: 1.5, background: 'var(--paper)' }}
    >
      <Ask busy={busy} opened={opened} onStop={stop} onOpened={setOpened} />
      {opened ? null : (
        <Typography color="text.secondary">
          {tr`More or fewer hours in the cold, tempered or not, a boost, another leaven: each planned for the same service.`}
        </Typography>
      )}
      {opened && busy ? (
        <LinearProgress
          aria-label={tr`Ways worked out`}
          sx={{ my: 1 }}
          {...(share === null ? {} : { variant: 'determinate' as const, value: share * 100 })}
        />
      ) : null}
      {opened && refused !== null ? <Typography role="alert">{refused}</Typography> : null}
      {opened && answer !== null ? <Ways ways={answer} working={working} facts={facts} /> : null}
    </Box>
  );
}

function Ask(props: {
  busy: boolean;
  opened: boolean;
  onStop: () => void;
  onOpened: (opened: boolean) => void;
}) {
  const { busy, opened, onStop, onOpened } = props;
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
      <Typography variant="h2" sx={{ flex: 1 }}>
        {tr`Other ways of this dough`}
      </Typography>
      {busy && opened ? (
        <Button size="small" onClick={onStop}>
          {tr`Stop`}
        </Button>
      ) : null}
      <Button aria-expanded={opened} onClick={() => onOpened(!opened)}>
        {opened ? tr`Put away` : tr`Lay them side by side`}
      </Button>
    </Box>
  );
}

function Ways(props: { ways: readonly Way[]; working: Working; facts: DoughFacts }) {
  const { ways, working, facts } = props;
  const { ref, width } = useWidth(900);
  const { timeZone } = facts.units;
  const firstMs = Math.min(...ways.flatMap((one) => (one.plan === null ? [] : [one.plan.firstMs])));
  const service = {
    fromMs: fromLocalText(working.wish.readyFrom, timeZone),
    toMs: fromLocalText(working.wish.readyTo, timeZone),
  };
  return (
    <Box ref={ref}>
      {ways.map((way) => {
        const words = wayWords(way);
        return (
          <WayLine
            key={words}
            words={words}
            way={way}
            facts={facts}
            working={working}
            service={service}
            width={width}
            firstMs={firstMs}
          />
        );
      })}
    </Box>
  );
}

function WayLine(props: {
  words: string;
  way: Way;
  facts: DoughFacts;
  working: Working;
  service: { fromMs: number; toMs: number };
  width: number;
  firstMs: number;
}) {
  const { words, way, facts, working, service, width, firstMs } = props;
  const { timeZone } = facts.units;
  return (
    <Box role="group" aria-label={words} sx={{ borderTop: '1px solid var(--edge)', pt: 1, mt: 1 }}>
      <WayHead words={words} way={way} facts={facts} working={working} />
      {way.plan === null ? null : (
        <MethodStages
          plan={way.plan.plan}
          service={service}
          timeZone={timeZone}
          width={Math.max(320, width)}
          firstMs={firstMs}
        />
      )}
    </Box>
  );
}

/** A way in a line: what it is, what comes of it, and the act. */
function WayHead(props: { words: string; way: Way; facts: DoughFacts; working: Working }) {
  const { words, way, facts, working } = props;
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
      <Box sx={{ flex: '1 1 18rem' }}>
        <Typography sx={{ fontWeight: 700 }}>{words}</Typography>
        <Typography variant="body2">{saidOf(way, facts)}</Typography>
      </Box>
      {way.plan === null ? null : (
        <Typography sx={{ fontSize: rem(24), fontWeight: 700 }} data-testid="way-odds">
          {percentText(way.plan.odds.service, 0)}
        </Typography>
      )}
      {way.otherwise === null || way.plan === null ? null : (
        <Button onClick={() => working.change(way.method)}>
          {tr`Make it so`}
          <span className="visually-hidden">: {words}</span>
        </Button>
      )}
    </Box>
  );
}

/** What a way asks of the hands, or why it can not be. */
function saidOf({ plan, because }: Way, { nowMs, units }: DoughFacts): string {
  if (plan === null) return because ?? '';
  const { firstMs, moments, outside } = plan satisfies WayPlan;
  const begins = tr`begins ${momentText(firstMs, nowMs, units.timeZone)}`;
  const hands = tr`hands ${moments === 1 ? tr`once` : tr`${moments} times`}`;
  return tr`${begins} · ${hands}${outside === 0 ? '' : tr`, ${outside} outside the working hours`} · balls ready all through`;
}
