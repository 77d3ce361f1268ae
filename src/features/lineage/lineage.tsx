import { inSentence, tr } from '@/words/tr';
import type { Lineage, LineageLot } from '@/shop/lineage';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';

import { dateText, clockText, massText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';

/** Where a lot came from and where it went: the next step large, the whole tree beneath. */
export function LineageTree({ lineage }: { lineage: Lineage }) {
  const { lot, cut } = lineage;
  return (
    <Box
      sx={{
        background: 'var(--paper)',
        flex: 1,
        p: 3,
        display: 'grid',
        gap: 3,
        alignContent: 'start',
      }}
    >
      <Ways lineage={lineage} />
      <Typography variant="body2">
        {tr`In ${lot.name} itself: ${floursText(lot, lineage) || tr`no flour was weighed into it`}.${cut ? tr` The line is longer than is shown here.` : ''}`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          component="a"
          href={`/lots/${encodeURIComponent(lot.lotId)}/lineage.csv`}
          variant="contained"
          download
        >
          {tr`As CSV`}
        </Button>
        <LinkButton href={`/lots/${encodeURIComponent(lot.lotId)}`}>{tr`The lot`}</LinkButton>
      </Box>
    </Box>
  );
}

function Ways({ lineage }: { lineage: Lineage }) {
  const { back, lot, forward } = lineage;
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
      <Way
        title={tr`It came from`}
        empty={tr`Nothing of the shop: flour and water, or brought in.`}
        lots={back}
        of={lot}
        lineage={lineage}
      />
      <Way
        title={tr`It went into`}
        empty={tr`Nothing yet.`}
        lots={forward}
        of={lot}
        lineage={lineage}
      />
    </Box>
  );
}

function Way(props: {
  title: string;
  empty: string;
  lots: readonly LineageLot[];
  of: LineageLot;
  lineage: Lineage;
}) {
  const { title, empty, lots, of, lineage } = props;
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" gutterBottom>
        {title}
      </Typography>
      {lots.length === 0 ? (
        <Typography>{empty}</Typography>
      ) : (
        <Branch under={of.lotId} lots={lots} lineage={lineage} />
      )}
    </Box>
  );
}

/** The lots that hang on one, each with those that hang on it. */
function Branch({
  under,
  lots,
  lineage,
}: {
  under: string;
  lots: readonly LineageLot[];
  lineage: Lineage;
}) {
  const here = lots.filter((one) => one.nextTo === under);
  if (here.length === 0) return null;
  const chain = here.length === 1;
  return (
    <Box
      component="ul"
      sx={{
        listStyle: 'none',
        m: 0,
        pl: chain ? 0 : 2,
        borderLeft: chain ? 'none' : '2px solid var(--line)',
      }}
    >
      {here.map((one) => (
        <li key={one.lotId}>
          <Box sx={{ py: 0.5 }}>
            <Link href={`/lots/${encodeURIComponent(one.lotId)}/lineage`}>
              <strong>{one.name}</strong> {one.lotId}
            </Link>
            <Typography variant="body2" color="text.secondary">
              {tr`${Math.abs(one.step) === 1 ? tr`one step` : tr`${Math.abs(one.step)} steps`}${one.massG === null ? '' : ` · ${massText(one.massG, lineage.units)}`} · made ${dateText(one.madeAtMs, lineage.units.timeZone)} ${clockText(one.madeAtMs, lineage.units.timeZone)}${one.flours.length === 0 ? '' : ` · ${floursText(one, lineage)}`}`}
            </Typography>
          </Box>
          <Branch under={one.lotId} lots={lots} lineage={lineage} />
        </li>
      ))}
    </Box>
  );
}

const floursText = (lot: LineageLot, { units }: Lineage) =>
  lot.flours
    .map(
      (one) =>
        `${massText(one.massG, units)} ${inSentence(one.name)}${one.sack === null ? '' : tr`, sack ${one.sack}`}`,
    )
    .join(', ');
