import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { PHASE_FILL, type Phase } from '@/ui/marks/textures';
import { ROW_WIDTH } from './past-ruler';

/** One leaven in the list: its name, how it stands, its last hours. */
export function RowFrame(props: {
  name: string;
  under: string;
  state: string;
  phase: Phase;
  opened?: boolean;
  href: string;
  height: number;
  label: string;
  children: ReactNode;
  /** More of the opened one. */
  more?: readonly { readonly href: string; readonly name: string }[];
}) {
  const { name, under, state, phase, opened = false, href, height, label, children, more } = props;
  return (
    <Box
      sx={{
        position: 'relative',
        background: opened ? 'var(--paper)' : 'transparent',
        borderBottom: '2px solid var(--line)',
        borderLeft: opened ? '6px solid var(--ink)' : '6px solid transparent',
        marginRight: { md: opened ? '-3px' : 0 },
      }}
    >
      <Box
        component={Link}
        href={href}
        aria-current={opened ? 'true' : undefined}
        sx={{
          display: 'block',
          color: 'inherit',
          textDecoration: 'none',
          '&:focus-visible': { outline: '3px solid var(--ink)', outlineOffset: '-3px' },
        }}
      >
        <Box sx={{ px: 1.25, pt: 0.75, display: 'flex', alignItems: 'baseline', gap: 1 }}>
          <Typography variant="h3" component="span" sx={{ flex: 1 }}>
            {name}
          </Typography>
          <Typography component="span" sx={{ fontWeight: 700 }} variant="body2">
            {state}
          </Typography>
          <svg width={26} height={14} aria-hidden="true">
            <rect
              x={1}
              y={1}
              width={24}
              height={12}
              rx={6}
              fill={PHASE_FILL[phase]}
              stroke="var(--edge)"
              strokeWidth={1.5}
            />
          </svg>
        </Box>
        <Typography variant="caption" component="p" color="text.secondary" sx={{ px: 1.25 }}>
          {under}
        </Typography>
        <svg
          width="100%"
          height={height}
          viewBox={`6 0 ${ROW_WIDTH - 6} ${height}`}
          preserveAspectRatio="none"
          role="img"
          aria-label={label}
          style={{ display: 'block' }}
        >
          {children}
        </svg>
      </Box>
      {opened && more !== undefined ? (
        <Box sx={{ display: 'flex', px: 0.5, borderTop: '1px solid var(--line)' }}>
          {more.map((one) => (
            <Button
              key={one.href}
              component={Link}
              href={one.href}
              variant="text"
              size="small"
              sx={{ minHeight: 44, flex: 1, whiteSpace: 'nowrap' }}
            >
              {one.name}
            </Button>
          ))}
        </Box>
      ) : null}
    </Box>
  );
}
