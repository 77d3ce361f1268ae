'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import type { Mend } from '@/core/planner';
import { clockText, dateText } from '@/ui/format';

/** What is offered to mend a bake that can not be planned, as it stands on its button. */
function mendWords(mend: Mend, timeZone: string): string {
  switch (mend.kind) {
    case 'serve': {
      const [from, to] = [mend.fromMs, mend.toMs].map((ms) => clockText(ms, timeZone));
      return tr`Serve ${dateText(mend.fromMs, timeZone)} ${from}–${to}`;
    }
    case 'free':
      return mend.of === 'leavens'
        ? tr`Use calculated time for the leaven`
        : tr`Use calculated times`;
    case 'more':
      return tr`Make ${mend.times} times as much`;
  }
}

/** The smallest change with which a bake can be planned, one tap away; nothing where none is known. */
export function MendButton(props: {
  mend: Mend | null;
  timeZone: string;
  onMend: (mend: Mend) => void;
}) {
  const { mend, timeZone, onMend } = props;
  if (mend === null) return null;
  return (
    <Button size="small" color="inherit" onClick={() => onMend(mend)} data-testid="mend">
      {mendWords(mend, timeZone)}
    </Button>
  );
}
