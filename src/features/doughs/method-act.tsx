'use client';

import { inSentence, tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import type { BakeStep } from '@/core/planner';
import { buildSourceOf, builtInstead } from '@/shop/doughs/built-instead';
import { leavenOfField } from '@/shop/doughs/method-request';
import type { MethodAnswer } from '@/shop/doughs/method-answer';
import type { MethodRow } from '@/server/doughs/methods';
import { massText, momentText } from '@/ui/format';
import { GlyphDisc } from '@/ui/marks/glyphs';
import { rem } from '@/ui/rem';
import { useSend } from '@/ui/hands/use-send';
import type { DoughActions } from './dough-actions';
import type { Working } from './use-method';

/** The act of the Doughs view: bake from this method. It shows the first thing the hands will do. */
export function MethodAct(props: {
  working: Working;
  opened: MethodRow;
  facts: DoughFacts;
  actions: DoughActions;
  plan: Extract<MethodAnswer, { kind: 'plan' }> | null;
}) {
  const { working, opened, facts, actions, plan } = props;
  const { send, busy, wrong, sentence, clear } = useSend();
  const wanting = leavenOfField(Object.keys(wrong)[0] ?? null);
  const router = useRouter();
  const { nowMs, timeZone } = facts;
  const first = plan?.plan.steps[0];
  const take = () => {
    const { wish, method, changed } = working;
    const versionId = changed ? null : opened.versionId;
    send(() => actions.takeBake({ ...wish, method, versionId }), {
      said: tr`${wish.name}: planned.`,
      undo:
        ({ batch }) =>
        () =>
          actions.undo(batch),
      then: () => router.push('/'),
    });
  };
  return (
    <Box sx={{ minWidth: 200, maxWidth: 230 }}>
      {/* Above the act: under it the foot of the view would hide why nothing happened. */}
      {sentence === null ? null : (
        <Typography
          role="alert"
          sx={{ mb: 1, fontWeight: 700, fontSize: rem(15), lineHeight: 1.3 }}
        >
          {sentence}
        </Typography>
      )}
      {wanting === null ? null : (
        <BuildInstead leavenId={wanting} working={working} facts={facts} onBuilt={clear} />
      )}
      <Button
        variant="contained"
        onClick={take}
        disabled={busy || plan === null || working.planning}
        sx={{
          width: '100%',
          textAlign: 'left',
          display: 'block',
          p: 1.75,
          '--disc': 'var(--paper)',
          '--disc-mark': 'var(--ink)',
        }}
      >
        <Box component="span" sx={{ display: 'flex', gap: 1.25, alignItems: 'center' }}>
          <GlyphDisc name={isMix(first) ? 'mix' : 'feed'} size={32} />
          <Box component="span" sx={{ fontSize: rem(24) }}>
            {first === undefined ? '…' : momentText(first.atMs, nowMs, timeZone)}
          </Box>
        </Box>
        <Box
          component="span"
          className="name"
          sx={{ display: 'block', fontSize: rem(20), mt: 0.75 }}
        >
          {tr`Plan this bake`}
        </Box>
        <FirstWeighed first={first} facts={facts} />
      </Button>
    </Box>
  );
}

/** What is weighed first, nothing where it is not a weighing. */
function FirstWeighed({ first, facts }: { first: BakeStep | undefined; facts: DoughFacts }) {
  const act = first?.act;
  if (act?.kind !== 'make' && act?.kind !== 'soak') return null;
  const { pantry } = facts;
  const lines = act.ingredients.slice(0, 3).map((line) => {
    const name = inSentence(pantry.get(line.ingredientId)?.name ?? line.ingredientId);
    return `${name} ${massText(line.massG, facts.units)}`;
  });
  return (
    <Box component="span" sx={{ display: 'block', fontSize: rem(14), fontWeight: 400 }}>
      {tr`first ${act.kind === 'soak' ? tr`a soak` : inSentence(act.name)}: ${lines.join(', ')}`}
    </Box>
  );
}

/** True where the first thing done is a dough, or its flour soaking. */
const isMix = (first: BakeStep | undefined) =>
  first?.act.kind === 'soak' || (first?.act.kind === 'make' && first.act.lotKind === 'dough');

/** One tap that builds a leaven of a starter where the jar has not enough of it; nothing where none would do. */
function BuildInstead(props: {
  leavenId: string;
  working: Working;
  facts: DoughFacts;
  onBuilt: () => void;
}) {
  const { leavenId, working, facts, onBuilt } = props;
  const { dough } = working.method;
  if (!dough.leavens.some(({ id }) => id === leavenId)) return null;
  const source = buildSourceOf(dough, leavenId, facts.sources);
  if (source === null) return null;
  return (
    <Button
      size="small"
      sx={{ mb: 1 }}
      onClick={() => {
        working.change(builtInstead(working.method, leavenId, facts));
        onBuilt();
      }}
    >
      {tr`Build it of ${source.name}`}
    </Button>
  );
}
