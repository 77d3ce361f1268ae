import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { line, scaleLinear, scalePoint } from 'd3';
import type { RefreshSheet } from '@/core/cultures';
import type { ChainFacts, Generation } from '@/server/cultures/chain-facts';
import { decimals, percentText } from '@/ui/format';
import { rem } from '@/ui/rem';

const SIZE = { width: 120, height: 34 };

interface Point {
  readonly key: string;
  readonly value: number | null;
  readonly next: boolean;
}

interface Quantity {
  readonly name: string;
  readonly text: (value: number) => string;
  readonly of: (generation: Generation) => number | null;
  readonly nextOf: (sheet: RefreshSheet) => number | null;
}

const share = (part: number, flour: number) => (flour > 0 ? part / flour : null);

/** Salt, water, oil, acid and gluten of a chain over its generations, and what the next refresh makes of them. */
const QUANTITIES: readonly Quantity[] = [
  {
    get name() {
      return tr`Salt`;
    },
    text: (value) => percentText(value, 2),
    of: (one) => one.saltShare,
    nextOf: (sheet) => wholeShare(sheet, 'salt'),
  },
  {
    get name() {
      return tr`Water`;
    },
    text: (value) => percentText(value, 1),
    of: (one) => one.hydration,
    nextOf: (sheet) => wholeShare(sheet, 'water'),
  },
  {
    get name() {
      return tr`Oil`;
    },
    text: (value) => percentText(value, 1),
    of: (one) => one.oilShare,
    nextOf: (sheet) => wholeShare(sheet, 'oil'),
  },
  {
    get name() {
      return tr`Acid, pH`;
    },
    text: (value) => decimals(value, 1),
    of: (one) => one.ph,
    nextOf: (sheet) => sheet.best.ph,
  },
  {
    get name() {
      return tr`Gluten whole`;
    },
    text: (value) => percentText(value, 0),
    of: (one) => one.gluten,
    nextOf: (sheet) => sheet.best.gluten,
  },
];

/** A part of the whole dough over its flour, the leftover’s own counted. */
function wholeShare(sheet: RefreshSheet, of: 'salt' | 'water' | 'oil'): number | null {
  const { shares } = sheet;
  return share(shares[of], shares.flour);
}

/** The chain over its generations: one small line for each quantity, the next refresh as a ring. */
export function ChainChart({ facts, next }: { facts: ChainFacts; next: RefreshSheet | null }) {
  const { generations } = facts;
  return (
    <Box component="section" aria-label={tr`The chain`}>
      <Typography variant="h2">
        {generations.length === 0
          ? tr`The chain begins`
          : tr`The chain, ${generations.length} times`}
      </Typography>
      <Box sx={{ display: 'grid', rowGap: 0.25 }}>
        {QUANTITIES.map((quantity) => (
          <Row key={quantity.name} quantity={quantity} facts={facts} next={next} />
        ))}
      </Box>
    </Box>
  );
}

function Row(props: { quantity: Quantity; facts: ChainFacts; next: RefreshSheet | null }) {
  const { quantity, facts, next } = props;
  const points: Point[] = [
    ...facts.generations.map((one) => ({ key: one.lotId, value: quantity.of(one), next: false })),
    ...(next === null ? [] : [{ key: 'next', value: quantity.nextOf(next), next: true }]),
  ];
  const known = points.flatMap((one) => (one.value === null ? [] : [one.value]));
  if (known.length === 0) return null;
  const low = Math.min(...known);
  const high = Math.max(...known);
  const room = Math.max((high - low) * 0.2, high * 0.04, 0.002);
  const x = scalePoint(
    points.map((one) => one.key),
    [8, SIZE.width - 8],
  );
  const y = scaleLinear([low - room, high + room], [SIZE.height - 6, 6]);
  const path =
    line<Point>()
      .defined((one) => one.value !== null)
      .x((one) => x(one.key) ?? 0)
      .y((one) => y(one.value ?? 0))(points) ?? '';
  const last = known.at(-1) ?? 0;
  const before = known.at(-2) ?? last;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: '5.6rem 120px 1fr',
        alignItems: 'center',
        gap: 1,
      }}
    >
      <Typography variant="body2">{quantity.name}</Typography>
      <svg
        width={SIZE.width}
        height={SIZE.height}
        role="img"
        aria-label={`${quantity.name}: ${known.map((value) => quantity.text(value)).join(', ')}`}
      >
        <line
          x1={0}
          x2={SIZE.width}
          y1={SIZE.height - 1}
          y2={SIZE.height - 1}
          stroke="var(--line)"
        />
        <path d={path} fill="none" stroke="var(--ink)" strokeWidth={2} />
        {points.map((one) =>
          one.value === null ? null : (
            <circle
              key={one.key}
              cx={x(one.key) ?? 0}
              cy={y(one.value)}
              r={one.next ? 5 : 3}
              fill={one.next ? 'var(--paper)' : 'var(--ink)'}
              stroke="var(--ink)"
              strokeWidth={2}
            />
          ),
        )}
      </svg>
      <Typography variant="body2" sx={{ fontWeight: 700, fontSize: rem(15), whiteSpace: 'nowrap' }}>
        {next === null ? quantity.text(last) : `${quantity.text(before)} → ${quantity.text(last)}`}
      </Typography>
    </Box>
  );
}
