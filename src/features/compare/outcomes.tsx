'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { COLOURS, OPENINGS } from '@/core/journal';
import type { CompareView } from '@/server/scores/compare-view';
import type { ComparedBake } from '@/server/scores/compared-bake';
import { tempText, thicknessText } from '@/ui/format';
import { DASHES, LetterBadge, LetterMark, LETTERS } from './letters';
import { OpeningZones, zoneX } from './opening-zones';

/** How the bakes turned out: opening from the first pizza to the last, rim, colour, words, photos. */
export function Outcomes({ view }: { view: CompareView }) {
  const { bakes, units } = view;
  const height = 44 + bakes.length * 30;
  return (
    <Box
      component="section"
      aria-label={tr`How they turned out`}
      sx={{ p: 2, display: 'grid', gap: 1.5 }}
    >
      <Typography variant="h2">{tr`How they turned out`}</Typography>
      <Zones height={height} bakes={bakes} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: `repeat(${bakes.length}, minmax(0, 1fr))` },
          gap: 2,
        }}
      >
        {bakes.map((bake, index) => (
          <Box key={bake.bakeId} sx={{ display: 'flex', gap: 1, minWidth: 0 }}>
            <LetterBadge index={index} />
            <Box sx={{ minWidth: 0 }}>
              <Facts bake={bake} units={units} />
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Zones({ height, bakes }: { height: number; bakes: readonly ComparedBake[] }) {
  return (
    <OpeningZones height={height} label={openingSaid(bakes)}>
      {bakes.map(({ bakeId, words }, index) => {
        const y = 44 + index * 30;
        if (words?.opening === undefined) {
          return (
            <g key={bakeId}>
              <LetterMark index={index} x={16} y={y} />
              <text x={34} y={y + 5} fontSize={14} fill="var(--ink)" className="halo">
                {tr`not scored`}
              </text>
            </g>
          );
        }
        const { first, last } = words.opening;
        const from = zoneX(OPENINGS.indexOf(first) + 0.4);
        const to = zoneX(OPENINGS.indexOf(last) + 0.7);
        return (
          <g key={bakeId}>
            <path
              d={`M${from} ${y}H${to}l-9 -5m9 5l-9 5`}
              stroke="var(--ink)"
              strokeWidth={2.6}
              strokeDasharray={DASHES[index]}
              fill="none"
            />
            <LetterMark index={index} x={from} y={y} />
          </g>
        );
      })}
    </OpeningZones>
  );
}

function Facts({ bake, units }: { bake: ComparedBake; units: CompareView['units'] }) {
  const { words } = bake;
  if (words === null) {
    return (
      <Typography variant="body2">
        {tr`Not scored. `}
        <Link
          component={NextLink}
          href={`/bakes/${encodeURIComponent(bake.bakeId)}`}
          color="inherit"
        >
          {tr`Score it`}
        </Link>
        {tr` and what differed gets its meaning.`}
      </Typography>
    );
  }
  const facts = [
    words.rimMm === undefined ? null : tr`rim ${thicknessText(words.rimMm, units)}`,
    words.colour === undefined
      ? null
      : tr`${trOf(words.colour)} (${COLOURS.indexOf(words.colour) + 1} of ${COLOURS.length})`,
    words.crumb === undefined ? null : tr`crumb ${trOf(words.crumb)}`,
    words.taste === undefined ? null : tr`taste ${trOf(words.taste)}`,
    words.sticky === undefined ? null : tr`sticky: ${trOf(words.sticky)}`,
    words.floorC === undefined ? null : tr`floor ${tempText(words.floorC, units, 0)}`,
    words.bakeS === undefined ? null : `${words.bakeS} s`,
    words.last === undefined ? null : tr`the last one ${trOf(words.last)}`,
  ].filter((one) => one !== null);
  return (
    <>
      <Typography variant="body2">{facts.join(' · ')}</Typography>
      {words.note === undefined ? null : <Typography variant="body2">“{words.note}”</Typography>}
      <Photos photos={words.photos} of={bake.name} />
    </>
  );
}

function Photos({ photos, of }: { photos: string[] | undefined; of: string }) {
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      {(photos ?? []).map((name, index) => (
        <Box
          key={name}
          component="img"
          src={`/photos/${name}`}
          alt={tr`Photo ${index + 1} of ${of}`}
          sx={{ height: 84, borderRadius: 1 }}
        />
      ))}
    </Box>
  );
}

function openingSaid(bakes: readonly ComparedBake[]): string {
  return bakes
    .map(({ words }, index) =>
      words?.opening === undefined
        ? tr`${LETTERS[index]} not scored`
        : tr`${LETTERS[index]}: the first ${trOf(words.opening.first)}, the last ${trOf(words.opening.last)}`,
    )
    .join('; ');
}
