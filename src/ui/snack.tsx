'use client';

import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import useMediaQuery from '@mui/material/useMediaQuery';
import {
  createContext,
  useCallback,
  useContext,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';

interface Notice {
  readonly text: string;
  readonly action?: { readonly label: string; readonly run: () => void };
}

const SnackContext = createContext<(notice: Notice) => void>(() => undefined);

let lastId = 0;
/** A notice that has just come up does not take the tap that was under way, ms. */
const SETTLES_MS = 500;

/** Seconds that an offer to undo stays on the page; the Log keeps it for ever. */
const UNDO_MS = 10_000;

/** Says one notice at a time, with what can be done about it. */
export function SnackProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<(Notice & { readonly id: number }) | null>(null);
  const [open, setOpen] = useState(false);
  const shownMs = useRef(0);
  // On a phone the acts are at the thumb: notices stand above.
  const narrow = useMediaQuery('(max-width: 899px)');
  const say = useCallback((next: Notice) => {
    setNotice({ ...next, id: (lastId += 1) });
    setOpen(true);
    shownMs.current = Date.now();
  }, []);
  const action = useMemo(() => {
    if (notice?.action === undefined) return undefined;
    const { label, run } = notice.action;
    return (
      <Button
        variant="text"
        color="inherit"
        onClick={() => {
          // A tap that was meant for what lay there before is none for this.
          if (Date.now() - shownMs.current < SETTLES_MS) return;
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
        anchorOrigin={{ vertical: narrow ? 'top' : 'bottom', horizontal: 'left' }}
      />
    </SnackContext>
  );
}

/** Says a notice. */
export function useSay(): (notice: Notice) => void {
  return useContext(SnackContext);
}
