'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { FeedSheet } from '@/core/cultures';
import { toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { clockText } from '@/ui/format';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { useWidth } from '@/ui/use-width';
import type { CultureActions } from './culture-actions';
import { isLater, mixInstant } from './feed-fields';
import { firstFields, type FeedFields } from './first-feed-fields';
import { FeedFound } from './feed-found';
import { FeedWants } from './feed-wants';
import { useFeedSheet } from './use-feed-sheet';

/** The feed of one starter: four wants, the ratio found, what to weigh. */
export function FeedPanel(props: {
  facts: FeedFacts;
  /** The feed that it opens with, where it came with the page. */
  first: FeedSheet | null;
  actions: CultureActions;
}) {
  const { facts, first, actions } = props;
  const [fields, setFields] = useState<FeedFields>(() => firstFields(facts));
  const { sheet, choices, errors, refused, busy: finding } = useFeedSheet(fields, facts, first);
  const { run, busy, refused: notDone, clear } = useAct(actions);
  const { ref, width } = useWidth(900);
  const change = (changed: Partial<FeedFields>) => {
    clear();
    setFields((before) => ({ ...before, ...changed }));
  };
  const problem = Object.values(errors)[0] ?? refused ?? Object.values(notDone)[0] ?? null;
  const take = (sheet: FeedSheet) => {
    const taken = takenOf(sheet, fields, facts);
    run(
      () => actions.takeFeed({ ...taken, batch: newBatch() }),
      () => saidOf(fields, facts),
    );
  };
  return (
    <Box ref={ref} sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <FeedWants facts={facts} fields={fields} errors={errors} onChange={change} />
      {problem === null ? null : (
        <Alert severity="warning" data-testid="refusal" sx={{ mx: 2 }}>
          {problem}
        </Alert>
      )}
      {sheet === null ? (
        <Typography color="text.secondary" sx={{ p: 2 }}>
          {problem === null
            ? tr`Finding the ratio…`
            : tr`Correct the marked fields; nothing was lost.`}
        </Typography>
      ) : (
        <FeedFound
          sheet={sheet}
          choices={choices}
          fields={fields}
          facts={facts}
          width={width}
          busy={busy || finding}
          onChange={change}
          onTake={() => take(sheet)}
        />
      )}
    </Box>
  );
}

/** The form that the server takes. */
function takenOf({ amounts, placeId, startC }: FeedSheet, fields: FeedFields, facts: FeedFacts) {
  const later = isLater(fields, facts);
  return {
    cultureId: facts.culture.id,
    as: fields.as,
    at: later ? toLocalText(mixInstant(fields, facts), facts.timeZone) : null,
    tense: later ? 'planned' : 'done',
    fromLotId: fields.fromLotId,
    motherG: amounts.motherG,
    flours: amounts.flours.map((one) => ({ flourId: one.ingredientId, massG: one.massG })),
    waterG: amounts.waterG,
    placeId,
    startC,
  };
}

function saidOf(fields: FeedFields, facts: FeedFacts): string {
  const what = `${fields.as === 'levain' ? tr`Levain of ` : ''}${facts.culture.name}`;
  if (!isLater(fields, facts)) return `${what}: ${fields.as === 'levain' ? tr`built` : tr`fed`}.`;
  return tr`${what}: planned for ${clockText(mixInstant(fields, facts), facts.timeZone)}.`;
}
