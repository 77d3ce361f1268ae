import { rem } from '@/ui/rem';

export const LETTERS = ['A', 'B', 'C', 'D'] as const;
/** Dashes of the lines of each bake: the first one solid. */
export const DASHES = [undefined, '7 5', '2 4', '14 4 2 4'] as const;

/** The mark of a bake: the first filled, the others hollow. */
export function LetterMark(props: { index: number; x: number; y: number; r?: number }) {
  const { index, x, y, r = 11 } = props;
  const filled = index === 0;
  return (
    <g aria-hidden="true">
      <circle
        cx={x}
        cy={y}
        r={r}
        fill={filled ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <text
        x={x}
        y={y + 5}
        textAnchor="middle"
        fontSize={rem(13)}
        fontWeight={700}
        fill={filled ? 'var(--paper)' : 'var(--ink)'}
      >
        {LETTERS[index]}
      </text>
    </g>
  );
}

/** The same beside words. */
export function LetterBadge({ index }: { index: number }) {
  return (
    <svg width={26} height={26} style={{ flex: 'none' }} aria-hidden="true">
      <LetterMark index={index} x={13} y={13} />
    </svg>
  );
}
