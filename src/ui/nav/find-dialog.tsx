'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Autocomplete from '@mui/material/Autocomplete';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { dateText } from '../format';
import { foundFor, type Findable, type FoundInShop } from '@/shop/find/findable';
import { ALL_VIEWS } from './views';

const VIEWS: readonly Findable[] = ALL_VIEWS.map(({ href, name, says }) => ({
  kind: 'View',
  name,
  says,
  atMs: null,
  href,
}));
/** So many are shown: what is further down is found with another letter. */
const SHOWN = 12;

/** One field that finds anything by its name: views, lots, bakes, cultures, methods, words. */
export function FindDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const router = useRouter();
  const [text, setText] = useState('');
  const { things, failed } = useFindables(open);
  const go = (one: Findable | null) => {
    if (one === null) return;
    setText('');
    onClose();
    router.push(one.href);
  };
  return (
    <Dialog
      open={open}
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      slotProps={{
        paper: {
          'aria-label': tr`Find anything`,
          sx: { position: { sm: 'absolute' }, top: { sm: 60 }, p: 2 },
        },
      }}
    >
      <Autocomplete<Findable>
        open={open}
        options={[...foundFor(text, [...VIEWS, ...things])].slice(0, SHOWN)}
        filterOptions={(all) => all}
        value={null}
        inputValue={text}
        onInputChange={(_, next, reason) => (reason === 'reset' ? null : setText(next))}
        onChange={(_, one) => go(one)}
        autoHighlight
        forcePopupIcon={false}
        noOptionsText={
          failed ? tr`The shop can not be reached: views alone.` : tr`Nothing of that name.`
        }
        getOptionLabel={(one) => one.name}
        getOptionKey={(one) => `${one.kind} ${one.href} ${one.name}`}
        renderInput={(params) => (
          <TextField
            {...params}
            label={tr`Find`}
            name="find"
            autoFocus
            placeholder={tr`name, code or word`}
          />
        )}
        renderOption={({ key, ...rest }, one) => (
          <Box component="li" key={key} {...rest} sx={{ gap: 2, minHeight: 48 }}>
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Typography noWrap sx={{ fontWeight: 700 }}>
                {one.name}
              </Typography>
              <Typography variant="body2" noWrap sx={{ color: 'var(--ink2)' }}>
                {one.says}
              </Typography>
            </Box>
            <Typography variant="caption" sx={{ color: 'var(--ink2)' }}>
              {trOf(one.kind)}
            </Typography>
          </Box>
        )}
      />
    </Dialog>
  );
}

/** What of the shop can be found, read anew each time the field opens. */
function useFindables(open: boolean) {
  const [things, setThings] = useState<readonly Findable[]>([]);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (!open) return undefined;
    const stop = new AbortController();
    fetch('/find', { signal: stop.signal, cache: 'no-store' })
      .then((answer) => answer.json() as Promise<FoundInShop>)
      .then(({ things: all, timeZone }) => {
        setThings(all.map((one) => withDay(one, timeZone)));
        setFailed(false);
      })
      .catch(() => setFailed(!stop.signal.aborted));
    return () => stop.abort();
  }, [open]);
  return { things, failed };
}

/** Its day is found and read like its words. */
function withDay(one: Findable, timeZone: string): Findable {
  if (one.atMs === null) return one;
  return { ...one, says: [one.says, dateText(one.atMs, timeZone)].filter(Boolean).join(' · ') };
}
