'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { LabelContent } from '@/server/labels/label';
import type { QrSquares } from '@/shop/labels/qr';
import { LABEL_SIZES, labelSize } from '@/shop/labels/sizes';
import type { Outcome } from '@/shop/outcome';
import { LinkButton } from '@/ui/link-button';
import { LabelPicture } from './label-picture';
import { useSend } from '@/ui/hands/use-send';

/** One lot’s label: how it will look, as PDF, or on the shop’s printer. */
export function LabelPanel(props: {
  content: LabelContent;
  qr: QrSquares;
  print: (form: unknown) => Promise<Outcome<{ printed: number }>>;
}) {
  const { content, qr, print } = props;
  const [sizeId, setSize] = useState(LABEL_SIZES[0]?.id ?? '');
  const [copies, setCopies] = useState('1');
  const { send, busy, sentence: refused } = useSend();
  const size = labelSize(sizeId);
  const printThem = () =>
    send(() => print({ lotId: content.code, size: sizeId, copies }), {
      said: ({ printed }) =>
        tr`${printed} ${printed === 1 ? tr`label` : tr`labels`} of ${content.code} printed.`,
    });
  const query = new URLSearchParams({ size: sizeId, copies }).toString();
  return (
    <Box
      sx={{
        p: 3,
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1.4fr) minmax(0, 1fr)' },
      }}
    >
      <LabelPicture content={content} size={size} qr={qr} />
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <TextField
          select
          label={tr`Size`}
          name="size"
          value={sizeId}
          onChange={(event) => setSize(event.target.value)}
        >
          {LABEL_SIZES.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label={tr`How many`}
          name="copies"
          value={copies}
          onChange={(event) => setCopies(event.target.value)}
          error={refused !== null}
          slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 4 } }}
        />
        {refused === null ? null : <Alert severity="warning">{refused}</Alert>}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" size="large" disabled={busy} onClick={printThem}>
            {tr`Print`}
          </Button>
          <Button
            component="a"
            href={`/lots/${encodeURIComponent(content.code)}/label.pdf?${query}`}
            download={`${content.code}.pdf`}
            size="large"
          >
            {tr`As PDF`}
          </Button>
          <LinkButton href={`/lots/${encodeURIComponent(content.code)}`} variant="text">
            {tr`The lot`}
          </LinkButton>
        </Box>
        <Typography variant="body2" color="text.secondary">
          {tr`The square holds the code ${content.code}; scanned or typed under Labels it opens the lot. Allergens are those of its flour; what else goes on it, and local food codes, come first.`}
        </Typography>
      </Box>
    </Box>
  );
}
