'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import type { Notice } from './alerts';

/** A notice in words, to be seen, put off, or followed to its strand. */
export function NoticeLine(props: {
  notice: Notice;
  onShow: (lotId: string) => void;
  onSeen: (notice: Notice) => void;
  onLater: (notice: Notice) => void;
}) {
  const { notice, onShow, onSeen, onLater } = props;
  return (
    <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 0.5, minHeight: 44 }}>
      <NoticeText onShow={onShow} notice={notice} />
      <Button size="small" sx={{ px: 1, minWidth: 0 }} onClick={() => onSeen(notice)}>
        {tr`Seen`}
      </Button>
      <Button
        size="small"
        variant="text"
        sx={{ px: 0.75, minWidth: 0, whiteSpace: 'nowrap' }}
        onClick={() => onLater(notice)}
        aria-label={tr`Say it again in 10 min`}
      >
        {tr`in 10 min`}
      </Button>
    </Box>
  );
}

/** What the notice says; it leads to what it is about. */
function NoticeText({ onShow, notice }: { onShow: (lotId: string) => void; notice: Notice }) {
  const { lotId, href } = notice;
  return (
    <Button
      variant="text"
      size="small"
      color="inherit"
      disabled={lotId === null && href === undefined}
      {...(href === undefined
        ? { onClick: () => lotId !== null && onShow(lotId) }
        : { component: Link, href })}
      sx={{
        flex: 1,
        minWidth: 0,
        justifyContent: 'start',
        textAlign: 'left',
        lineHeight: 1.15,
        px: 0.5,
        '&.Mui-disabled': { color: 'var(--ink)' },
      }}
    >
      {notice.text}
    </Button>
  );
}
