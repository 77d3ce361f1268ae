'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { MixSheet, SheetLine } from '@/shop/mix/sheet-content';
import { LinkButton } from '@/ui/link-button';
import { rem } from '@/ui/rem';

/** A mix on paper: a sheet for each batch, for those who weigh from paper. */
export function MixSheetView({ stepId, sheets }: { stepId: string; sheets: readonly MixSheet[] }) {
  const path = `/mix/${encodeURIComponent(stepId)}`;
  return (
    <Box component="main" sx={{ background: 'var(--paper)', minHeight: '100dvh', p: 3 }}>
      <Acts path={path} sheets={sheets} />
      {sheets.map((sheet) => (
        <Box
          key={sheet.under}
          component="section"
          aria-label={sheet.under}
          sx={{ mb: 4, maxWidth: 760, breakAfter: 'page' }}
        >
          <Typography variant="h1">{sheet.title}</Typography>
          <Typography gutterBottom>{sheet.under}</Typography>
          <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {sheet.lines.map((line, index) => (
              <ToWeigh key={`${line.name}-${index}`} line={line} />
            ))}
          </Box>
          {sheet.notes.map((note) => (
            <Typography key={note} sx={{ mt: 1 }}>
              {note}
            </Typography>
          ))}
        </Box>
      ))}
    </Box>
  );
}

function Acts({ path, sheets }: { path: string; sheets: readonly MixSheet[] }) {
  return (
    <Box className="no-print" sx={{ display: 'flex', gap: 1, mb: 2 }}>
      <LinkButton href={path}>{tr`Back to the card`}</LinkButton>
      <Button onClick={() => window.print()}>{tr`Print`}</Button>
      {sheets.map((sheet, index) => (
        <Button
          key={sheet.under}
          component="a"
          variant="text"
          href={`${path}/sheet.pdf?batch=${index + 1}`}
        >
          {sheets.length === 1 ? tr`As PDF` : tr`Batch ${index + 1} as PDF`}
        </Button>
      ))}
    </Box>
  );
}

/** One thing to weigh, with room for a tick. */
function ToWeigh({ line }: { line: SheetLine }) {
  return (
    <Box
      component="li"

      sx={{
        display: 'grid',
        gridTemplateColumns: '2rem minmax(0, 1.2fr) 4rem 7rem minmax(0, 1fr)',
        gap: 1.5,
        alignItems: 'baseline',
        py: 0.75,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box sx={{ width: 20, height: 20, border: '2px solid var(--ink)' }} />
      <Typography className="name" sx={{ fontSize: rem(19) }}>
        {line.name}
      </Typography>
      <Typography variant="body2" sx={{ textAlign: 'right' }}>
        {line.share}
      </Typography>
      <Typography sx={{ fontSize: rem(21), fontWeight: 700, textAlign: 'right' }}>
        {line.amount}
      </Typography>
      <Typography variant="body2">{line.says}</Typography>
    </Box>
  );
}
