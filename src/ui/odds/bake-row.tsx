import type { Odds } from '@/core/planner/week';

const BAR = { height: 26, gap: 1 } as const;

/** The chance, half hour by half hour, that balls are ready: what fills a bar is ready, young is dotted, slack hatched. */
export function BakeRow(props: {
  odds: Pick<Odds, 'halfHours'>;
  x: number;
  y: number;
  width: number;
}) {
  const { odds, x, y, width } = props;
  const each = Math.min(30, width / Math.max(1, odds.halfHours.length));
  return (
    <g
      role="img"
      aria-label={odds.halfHours.map((half) => `${Math.round(half.ready * 100)} %`).join(', ')}
    >
      {odds.halfHours.map((half, index) => {
        const left = x + index * each;
        const ready = BAR.height * half.ready;
        const young = BAR.height * half.young;
        const wide = each - BAR.gap;
        return (
          <g key={half.fromMs}>
            <rect
              x={left}
              y={y}
              width={wide}
              height={BAR.height}
              fill="var(--paper)"
              stroke="var(--ink)"
            />
            <rect
              x={left}
              y={y + BAR.height - ready}
              width={wide}
              height={ready}
              fill="var(--ripe)"
              stroke="var(--ink)"
            />
            <rect
              x={left}
              y={y + BAR.height - ready - young}
              width={wide}
              height={young}
              fill="url(#tx-rising)"
            />
            <rect
              x={left}
              y={y}
              width={wide}
              height={Math.max(0, BAR.height - ready - young)}
              fill="url(#tx-past)"
            />
          </g>
        );
      })}
    </g>
  );
}
