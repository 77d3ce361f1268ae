'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { wallTime } from '@/core/units';
import type { Moment, TideView } from '@/server/tide';
import { modeAtHour } from '@/ui/appearance';
import { clockText, dateText, massText, momentText } from '@/ui/format';
import { GlyphDisc } from '@/ui/marks/glyphs';
import { coverText } from '@/ui/odds/odds-text';
import { rem } from '@/ui/rem';
import { useShopMinute } from '@/ui/use-clock';
import { waterDegrees } from '@/ui/water-text';
import { onTheWall, wander } from './on-the-wall';

/** For a screen that nobody touches: what is done next, what is ripe, the services; dark in the evening. */
export function Wall({ view, stale }: { view: TideView; stale: boolean }) {
  const nowMs = useShopMinute(view.clock);
  const { timeZone } = view.units;
  const { next, ripe, services } = onTheWall(view, nowMs);
  const { x, y } = wander(nowMs);
  const at = (ms: number) => momentText(ms, nowMs, timeZone);
  return (
    <Box
      component="main"
      data-scheme={modeAtHour(wallTime(nowMs, timeZone).hour)}
      sx={{
        minHeight: '100dvh',
        overflow: 'hidden',
        background: 'var(--flour)',
        color: 'var(--ink)',
        p: { xs: 2, md: 4 },
      }}
    >
      <Box
        style={{ transform: `translate(${x}px, ${y}px)` }}
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1.6fr) minmax(0, 1fr)' },
        }}
      >
        <Box
          sx={{
            gridColumn: '1 / -1',
            display: 'flex',
            flexWrap: 'wrap',
            alignItems: 'baseline',
            columnGap: 3,
          }}
        >
          <Box component="h1" className="name" sx={{ m: 0, fontSize: rem(96), lineHeight: 1 }}>
            {clockText(nowMs, timeZone)}
          </Box>
          <Box sx={{ fontSize: rem(30), color: 'var(--ink2)' }}>
            {stale
              ? tr`as of ${clockText(view.clock.nowMs, timeZone)}: the shop can not be reached`
              : dateText(nowMs, timeZone)}
          </Box>
          <Box component={Link} href="/" sx={{ ml: 'auto', color: 'inherit', fontSize: rem(22) }}>
            {view.shopName}
          </Box>
        </Box>
        <Part title={tr`Next`}>
          {next.length === 0 ? <Line>{tr`Nothing is planned.`}</Line> : null}
          {next.map((moment) => (
            <Act key={moment.ref} moment={moment} view={view} at={at} />
          ))}
        </Part>
        <Box sx={{ display: 'grid', gap: 3, alignContent: 'start' }}>
          <Part title={tr`Ripe`}>
            {ripe.length === 0 ? <Line>{tr`Nothing now.`}</Line> : null}
            {ripe.map((one) => (
              <Line key={one.lotId}>
                <b>{one.name}</b>{' '}
                {one.untilMs === null ? tr`until it is used` : tr`until ${at(one.untilMs)}`}
              </Line>
            ))}
          </Part>
          <Part title={tr`Services`}>
            {services.length === 0 ? <Line>{tr`None planned.`}</Line> : null}
            {services.map((one) => (
              <Line key={one.bakeId}>
                <b>{at(one.fromMs)}</b> {one.name}, {one.wanted} · {coverText(one.odds)}
              </Line>
            ))}
          </Part>
        </Box>
      </Box>
    </Box>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <Box
        component="h2"
        className="name"
        sx={{ m: 0, mb: 1, fontSize: rem(30), borderBottom: '3px solid var(--ink)' }}
      >
        {title}
      </Box>
      {children}
    </Box>
  );
}

const Line = ({ children }: { children: ReactNode }) => (
  <Box component="p" sx={{ m: 0, py: 0.75, fontSize: rem(30), lineHeight: 1.2 }}>
    {children}
  </Box>
);

/** One act: its hour, what it is, and everything that it takes. */
function Act(props: { moment: Moment; view: TideView; at: (ms: number) => string }) {
  const { moment, view, at } = props;
  const { units } = view;
  const takes = moment.lines.map((line) => {
    const warm =
      line.label === tr`Water` && moment.water !== null
        ? ` ${waterDegrees(moment.water, units)}`
        : '';
    const amount = line.massG === undefined ? (line.text ?? '') : massText(line.massG, units);
    return `${line.label}${warm} ${amount}`;
  });
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 2, py: 1.5 }}>
      <GlyphDisc name={moment.glyph} size={64} />
      <Box sx={{ minWidth: 0 }}>
        <Box component="p" sx={{ m: 0, fontSize: rem(44), lineHeight: 1.1 }}>
          <b>{at(moment.atMs)}</b> {moment.title}
          {moment.by === null ? '' : `, ${moment.by}`}
        </Box>
        <Box component="p" sx={{ m: 0, mt: 0.5, fontSize: rem(30), lineHeight: 1.25 }}>
          {takes.join(' · ')}
        </Box>
      </Box>
    </Box>
  );
}
