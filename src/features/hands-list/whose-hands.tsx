'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { useRouter } from 'next/navigation';
import { useTransition } from 'react';
import type { HandsMoment } from '@/shop/hands/hands-list';
import type { Outcome } from '@/shop/outcome';
import { ChoiceField } from '@/ui/fields/choice-field';
import { useSay } from '@/ui/snack';

/** Says whose hands a planned step is for. */
export type AssignStep = (form: unknown) => Promise<Outcome<{ before: string | null }>>;

const ANYBODY = '';

/** Whose hands a moment is for: chosen where several people work; on paper the name alone. */
export function WhoseHands(props: {
  moment: HandsMoment;
  people: readonly string[];
  assign: AssignStep;
}) {
  const { moment, people, assign } = props;
  const { stepId, who, title } = moment;
  const [busy, start] = useTransition();
  const router = useRouter();
  const say = useSay();
  const name = who ?? tr`anybody`;
  if (people.length < 2 || !moment.assignable) return <>{name}</>;
  const give = (to: string | null) =>
    start(async () => {
      const outcome = await assign({ stepId, who: to });
      if (!outcome.ok) {
        return say({ text: outcome.refusals.map((one) => one.sentence).join(' ') });
      }
      const { before } = outcome.value;
      say({
        text: `${title}: ${to ?? tr`anybody`}.`,
        action: {
          label: tr`Undo`,
          run: () => void assign({ stepId, who: before }).then(() => router.refresh()),
        },
      });
      router.refresh();
    });
  return (
    <>
      <Box className="no-print" sx={{ maxWidth: 140, opacity: busy ? 0.6 : 1 }}>
        <ChoiceField
          name={`who-${stepId}`}
          label=""
          says={tr`${title}: whose hands`}
          value={who ?? ANYBODY}
          options={[
            { id: ANYBODY, name: tr`anybody` },
            ...people.map((one) => ({ id: one, name: one })),
          ]}
          onChange={(id) => give(id === ANYBODY ? null : id)}
        />
      </Box>
      <Box component="span" sx={{ display: 'none', '@media print': { display: 'inline' } }}>
        {name}
      </Box>
    </>
  );
}
