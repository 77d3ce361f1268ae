'use client';

import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';

interface Notice {
  readonly text: string;
  readonly action?: { readonly label: string; readonly run: () => void };
}

const SnackContext = createContext<(notice: Notice) => void>(() => undefined);

/** Seconds that an offer to undo stays on the page; the Log keeps it for ever. */
const UNDO_MS = 10_000;

/** Says one notice at a time, with what can be done about it. */
export function SnackProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const [open, setOpen] = useState(false);
  const say = useCallback((next: Notice) => {
    setNotice(next);
    setOpen(true);
  }, []);
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
        key={notice?.text}
        open={open}
        onClose={(_, reason) => {
          if (reason !== 'clickaway') setOpen(false);
        }}
        autoHideDuration={UNDO_MS}
        message={notice?.text}
        action={action}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      />
    </SnackContext>
  );
}

/** Says a notice. */
export function useSay(): (notice: Notice) => void {
  return useContext(SnackContext);
}
