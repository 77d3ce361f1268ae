'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import type { HandsMoment } from '@/shop/hands/hands-list';
import type { Outcome } from '@/shop/outcome';
import { ChoiceField } from '@/ui/fields/choice-field';
import { useSend } from '@/ui/hands/use-send';

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
  const { send, busy } = useSend('notice');
  const name = who ?? tr`anybody`;
  if (people.length < 2 || !moment.assignable) return <>{name}</>;
  const give = (to: string | null) =>
    send(() => assign({ stepId, who: to }), {
      said: `${title}: ${to ?? tr`anybody`}.`,
      undo:
        ({ before }) =>
        () =>
          assign({ stepId, who: before }),
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
