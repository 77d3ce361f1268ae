import { trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { OPENINGS } from '@/core/journal';
import { Textures } from '@/ui/marks/textures';

const WIDE = 660;

/** Where a place on the scale of opening lies: 0 begins springs back, 1 right, 2 slack, 3 tears. */
export const zoneX = (at: number, width = WIDE) =>
  Math.max(6, Math.min(width - 6, (at * width) / OPENINGS.length));

/** The scale of how a ball opens, from too tight to too slack, with what is laid on it. */
export function OpeningZones(props: {
  height: number;
  label: string;
  width?: number;
  children: ReactNode;
}) {
  const { height, label, children, width = WIDE } = props;
  const zone = width / OPENINGS.length;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox={`0 0 ${width} ${height}`}
      sx={{ display: 'block', width: '100%', maxWidth: width }}
    >
      <Textures />
      {OPENINGS.map((name, index) => (
        <Zone key={name} name={name} index={index} zone={zone} height={height} />
      ))}
      {children}
    </Box>
  );
}

function Zone(props: {
  name: 'springs back' | 'right' | 'slack' | 'tears';
  index: number;
  zone: number;
  height: number;
}) {
  const { name, index, zone, height } = props;
  return (
    <g>
      <rect
        x={index * zone + 1}
        width={zone - 2}
        height={height}
        fill={name === 'right' ? 'var(--lamp)' : 'var(--flour)'}
      />
      {index < 2 ? null : (
        <rect
          x={index * zone + 1}
          width={zone - 2}
          height={height}
          fill="url(#tx-past)"
          opacity={0.4}
        />
      )}
      <text
        x={index * zone + 8}
        y={19}
        fontSize={14}
        fontWeight={name === 'right' ? 700 : 400}
        fill="var(--ink)"
        className="halo"
      >
        {trOf(name)}
      </text>
    </g>
  );
}
