import { rem } from '@/ui/rem';
import type { Picture, PictureLabel } from '../layout/picture-parts';

const LOOK: Readonly<Record<PictureLabel['style'], { size: number; weight: number }>> = {
  name: { size: 16, weight: 650 },
  time: { size: 14, weight: 400 },
  best: { size: 16, weight: 700 },
  node: { size: 14, weight: 400 },
  nodeNext: { size: 14, weight: 700 },
};

/** Names and times in the room the layout found for them, each with a halo of paper. */
export function LabelsLayer({ picture, lit }: { picture: Picture; lit: string | null }) {
  return (
    <g pointerEvents="none" opacity={lit === null ? 1 : 0.85}>
      {picture.labels.map((label) => {
        const { size, weight } = LOOK[label.style];
        return (
          <text
            key={label.id}
            x={label.x}
            y={label.y + (size - 1) * picture.frame.text}
            fontSize={rem(size)}
            fontWeight={weight}
            className={label.style === 'name' ? 'name' : undefined}
            fill="var(--ink)"
            stroke="var(--paper)"
            strokeWidth={4}
            paintOrder="stroke"
            strokeLinejoin="round"
          >
            {label.text}
          </text>
        );
      })}
    </g>
  );
}
