import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { blendThatLasts, type Blend, type Endurance } from '@/core/flour';

import { decimals, tempText } from '@/ui/format';
import { PHASE_FILL, Textures } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';

const WIDTH = 400;
const FILLS = [PHASE_FILL.rising, 'var(--paper)', 'var(--under)', 'var(--lamp)'];

/** Will this blend last this plan: hours used of hours it bears, a segment for each stage, with its doubt. */
export function EndurancePanel(props: {
  endurance: Endurance;
  blend: Blend;
  saltShare: number;
  facts: DoughFacts;
}) {
  const { endurance, blend, saltShare, facts } = props;
  const { used, usedH, lastsH, lastsBand } = endurance;
  const most = Math.max(usedH, lastsBand[1], lastsH) * 1.08;
  const x = (hours: number) => (hours / most) * WIDTH;
  const segments = used.map((stage, index) => ({
    ...stage,
    at: used.slice(0, index).reduce((sum, one) => sum + one.hours, 0),
    fill: FILLS[index % FILLS.length] as string,
  }));
  return (
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="h2">{tr`Flour endurance`}</Typography>
      <Typography data-testid="endurance">
        <Box component="span" sx={{ fontSize: rem(30), fontWeight: 700, lineHeight: 1.1 }}>
          {decimals(usedH, 0)}
        </Box>
        {tr` of ${decimals(lastsH, 0)} h at ${tempText(22, facts.units, 0)}, blend W ${Math.round(blend.strengthW)}${blend.strengthSd > 0 ? ` ± ${Math.round(blend.strengthSd)}` : ''}`}
      </Typography>
      <svg
        viewBox={`0 0 ${WIDTH} 44`}
        width="100%"
        role="img"
        aria-label={tr`${decimals(usedH, 1)} hours used of ${decimals(lastsH, 0)}`}
      >
        <Textures />
        <rect x={0} y={10} width={WIDTH} height={24} fill="var(--paper)" stroke="var(--line)" />
        <rect
          x={x(lastsH)}
          y={10}
          width={Math.max(0, WIDTH - x(lastsH))}
          height={24}
          fill={PHASE_FILL.past}
        />
        {segments.map((one) => (
          <rect
            key={one.name}
            x={x(one.at)}
            y={10}
            width={x(one.hours)}
            height={24}
            fill={one.fill}
            stroke="var(--edge)"
            strokeWidth={1.4}
          />
        ))}
        {[x(usedH), x(lastsH)].map((at) => (
          <line key={at} x1={at} x2={at} y1={5} y2={39} stroke="var(--ink)" strokeWidth={3} />
        ))}
        {lastsBand[0] === lastsBand[1] ? null : (
          <line
            x1={x(lastsBand[0])}
            x2={x(lastsBand[1])}
            y1={4}
            y2={4}
            stroke="var(--doubt)"
            strokeWidth={6}
          />
        )}
      </svg>
      <Typography variant="body2">
        {`${used.map((one) => `${one.name} ${decimals(one.hours, 1)}`).join(' + ')} = ${decimals(usedH, 1)} h. `}
        <strong>{verdict(endurance, saltShare, facts)}</strong>
        {tr` A wide guess: gluten is not fitted.`}
      </Typography>
    </Box>
  );
}

function verdict(endurance: Endurance, saltShare: number, facts: DoughFacts): string {
  const { verdict: found, leftH, usedH } = endurance;
  if (found === 'lasts') return tr`${decimals(leftH, 0)} h are left.`;
  if (found === 'too strong') return tr`Too strong for so short a plan: it springs back.`;
  const flours = facts.flours.filter((flour) => flour.retiredMs === null);
  const lasting = blendThatLasts(usedH * 1.1, saltShare, flours);
  const name = (id: string) => facts.flours.find((flour) => flour.id === id)?.name ?? id;
  const would =
    lasting === null
      ? tr`No blend of the shop’s flours would last.`
      : tr`W ${Math.round(lasting.strengthW)} would: ${lasting.parts
          .filter((part) => part.share > 0.005)
          .map((part) => `${Math.round(part.share * 100)} % ${name(part.flourId)}`)
          .join(', ')}.`;
  return found === 'too weak'
    ? tr`Too weak: it slackens ${decimals(-leftH, 0)} h before the end. ${would}`
    : tr`Doubtful: it may slacken before the end. ${would}`;
}
