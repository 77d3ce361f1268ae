'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { HoldView } from '@/server/hold/question';
import type { ShownMove } from '@/shop/hold/search';
import { LinkButton } from '@/ui/link-button';
import { answerNotice } from '@/ui/notice-answers';
import { newId as newBatch } from '@/ui/new-id';
import type { HoldActions } from './hold-actions';
import type { HoldScale } from './hold-scale';
import { moveWords } from './hold-words';
import { MoveRow, MoveToCome } from './move-row';
import { useSend } from '@/ui/hands/use-send';

const AS_GOOD = 0.02;

const FIRST_SHOWN = 3;

/** What can be done, the best first; one tap takes it. */
export function Moves(props: {
  view: HoldView;
  actions: HoldActions;
  moves: readonly ShownMove[];
  /** More may be found. */
  running: boolean;
  scale: HoldScale;
  width: number;
}) {
  const { view, actions, moves, running, scale, width } = props;
  const { bake, nowMs } = view;
  const router = useRouter();
  const { send, busy } = useSend('notice');
  const [left, setLeft] = useState(false);
  const [more, setMore] = useState(false);
  const take = (move: ShownMove) => {
    const asked = { bakeId: bake.id, batch: newBatch(), changes: move.changes };
    send(() => actions.take(asked), {
      said: tr`${moveWords(move, view).title}: taken, with what follows.`,
      undo: () => () => actions.undo(asked.batch),
      then: () => router.push('/'),
    });
  };
  const leave = () => {
    if (!left && view.noticeId !== null) answerNotice(view.noticeId, null);
    setLeft(!left);
  };
  const open = moves.filter((move) => !isOver(move, nowMs));
  const shown = left ? [] : open.slice(0, more ? open.length : FIRST_SHOWN);
  const toBeFound = running && !left ? Math.max(0, FIRST_SHOWN - shown.length) : 0;
  return (
    <>
      {shown.map((move, index) => (
        // By its rank: while moves are still found a row changes what it says, and none slides under a finger.
        <MoveRow
          key={`rank ${index}`}
          view={view}
          move={move}
          scale={scale}
          width={width}
          best={index === 0}
          asGood={index > 0 && (shown[0]?.odds.both ?? 0) - move.odds.both < AS_GOOD}
          busy={busy}
          onTake={() => take(move)}
        />
      ))}
      {Array.from({ length: toBeFound }, (_, index) => (
        <MoveToCome key={`to come ${shown.length + index}`} />
      ))}
      <Box
        sx={{
          display: 'flex',
          gap: 1.5,
          p: 2,
          alignItems: 'center',
          flexWrap: 'wrap',
          borderTop: '2px solid var(--ink)',
        }}
      >
        {open.length > FIRST_SHOWN && !left ? (
          <Button onClick={() => setMore(!more)}>
            {more ? tr`Only the best` : tr`${open.length - FIRST_SHOWN} more moves`}
          </Button>
        ) : null}
        <Button onClick={leave} data-testid="leave-it">
          {left ? tr`Show the moves again` : tr`Leave it as it is`}
        </Button>
        <LinkButton href="/">{tr`To the Tide`}</LinkButton>
        <Typography variant="body2">
          {left
            ? tr`Left as it is: you are asked again when the odds fall by five points.`
            : tr`Tap a move to take it. What follows goes along; undo puts it back.`}
        </Typography>
      </Box>
    </>
  );
}

/** A move whose start has passed is no move any more. */
function isOver(move: ShownMove, nowMs: number): boolean {
  return move.changes.some((one) => one.atMs < nowMs - 60_000);
}
