'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { LotView } from '@/server/lots/lot-view';
import { massText, percentText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';

/** What is in the lot, where it came from and where it went. */
export function Contents({ view }: { view: LotView }) {
  return (
    <Box>
      <Typography variant="h3" component="h2" gutterBottom>
        {tr`In it: ${massText(view.massG, view.units)}${view.balls === null ? '' : tr`, ${view.balls} balls`}`}
      </Typography>
      {view.composition.map((line) => (
        <Box
          key={line.name}
          sx={{ display: 'flex', justifyContent: 'space-between', maxWidth: 300 }}
        >
          <span>{line.name}</span>
          <strong>{massText(line.massG, view.units)}</strong>
        </Box>
      ))}
      {view.phNow === null ? null : (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
          {tr`About pH ${view.phNow} ${view.pastMs === null ? tr`now` : tr`then`}; gluten ${percentText(view.glutenNow ?? 1, 0)} whole.`}
        </Typography>
      )}
      <Lineage label={tr`From`} lots={view.madeFrom} />
      <Lineage label={tr`Into`} lots={view.becomes} />
      {view.strand.tense === 'done' ? (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
          <LinkButton size="small" href={`/lots/${encodeURIComponent(view.code)}/lineage`}>
            {tr`Lineage`}
          </LinkButton>
          <LinkButton size="small" href={`/lots/${encodeURIComponent(view.code)}/label`}>
            {tr`Label`}
          </LinkButton>
          <LinkButton size="small" href={`/compare/lots?lot=${encodeURIComponent(view.code)}`}>
            {tr`Beside another`}
          </LinkButton>
        </Box>
      ) : null}
    </Box>
  );
}

export function riseNow(view: LotView): number {
  const { curve, nowMs } = view;
  return curve.rise[Math.round((nowMs - curve.fromMs) / curve.stepMs)] ?? curve.rise.at(-1) ?? 1;
}

function Lineage(props: { label: string; lots: readonly { lotId: string; name: string }[] }) {
  if (props.lots.length === 0) return null;
  return (
    <Typography variant="body2">
      {props.label}{' '}
      {props.lots.map((lot, index) => (
        <span key={lot.lotId}>
          {index > 0 ? ', ' : ''}
          <Link href={`/lots/${encodeURIComponent(lot.lotId)}`}>
            {lot.name} {lot.lotId}
          </Link>
        </span>
      ))}
    </Typography>
  );
}
