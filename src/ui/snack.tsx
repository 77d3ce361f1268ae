'use client';

import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import useMediaQuery from '@mui/material/useMediaQuery';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { BAR_WIDTH } from './bar-size';

interface Notice {
  readonly text: string;
  readonly action?: { readonly label: string; readonly run: () => void };
}

const SnackContext = createContext<(notice: Notice) => void>(() => undefined);

let lastId = 0;
/** Left of the keel of the home view nothing is done: a notice never lies over the next act. */
const LEFT_OF_THE_ACTS = 'calc(26vw - 32px)';
/** Where the acts stand along the lower edge from the left, and nothing is done in its right corner; as wide as that is, px. */
const FREE_ON_THE_RIGHT = /^\/(?:plan|hold)(?:\/|$)/;
const RIGHT_PX = 228;

/** Seconds that an offer to undo stays on the page; the Log keeps it for ever. */
const UNDO_MS = 10_000;

const RIGHT = {
  maxWidth: RIGHT_PX,
  '& .MuiSnackbarContent-root': { minWidth: 0 },
} as const;
const LEFT = { maxWidth: LEFT_OF_THE_ACTS, ml: `${BAR_WIDTH}px` } as const;

/** Says one notice at a time, with what can be done about it. */
export function SnackProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<
    (Notice & { readonly id: number; readonly right: boolean }) | null
  >(null);
  const [open, setOpen] = useState(false);
  // Where the acts reach down to the left corner, on a phone and on a narrow tablet, notices stand above.
  const narrow = useMediaQuery('(max-width: 1199px)');
  const say = useCallback((next: Notice) => {
    const right = FREE_ON_THE_RIGHT.test(window.location.pathname);
    setNotice({ ...next, right, id: (lastId += 1) });
    setOpen(true);
  }, []);
  const right = notice?.right ?? false;
  const action = useMemo(() => {
    if (notice?.action === undefined) return undefined;
    const { label, run } = notice.action;
    return (
      <Button
        variant="text"
        color="inherit"
        onClick={() => {
          setOpen(false);
          run();
        }}
      >
        {label}
      </Button>
    );
  }, [notice]);
  return (
    <SnackContext value={say}>
      {children}
      <Snackbar
        key={notice?.id}
        open={open}
        onClose={(_, reason) => {
          if (reason !== 'clickaway') setOpen(false);
        }}
        autoHideDuration={UNDO_MS}
        message={notice?.text}
        action={action}
        sx={narrow ? {} : right ? RIGHT : LEFT}
        anchorOrigin={{
          vertical: narrow ? 'top' : 'bottom',
          horizontal: right && !narrow ? 'right' : 'left',
        }}
      />
    </SnackContext>
  );
}

/** Says a notice. */
export function useSay(): (notice: Notice) => void {
  return useContext(SnackContext);
}
