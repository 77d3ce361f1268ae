import { Textures } from '@/ui/marks/textures';
import type { Pantry } from '@/core/composition';
import type { FlowLayout } from './flow-layout';

/** The flows under the figures of a formula: decoration for the eye, the table says the same in words. */
export function FormulaFlow(props: {
  layout: FlowLayout;
  width: number;
  pantry: Pantry;
  tub: string;
}) {
  const { layout, width, pantry, tub } = props;
  const { slices, pours, caps, capX } = layout;
  return (
    <svg
      width={width}
      height={layout.height}
      viewBox={`0 0 ${width} ${layout.height}`}
      aria-hidden="true"
      style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}
    >
      <Textures />
      <g fill="none">
        {slices.map((slice) => {
          const kind = pantry.get(slice.ingredientId)?.kind;
          const water = kind === 'water' || kind === 'liquid';
          const thin = slice.width < 2.4;
          return (
            <g key={slice.key} data-slice={slice.key}>
              <path d={slice.path} stroke="var(--paper)" strokeWidth={slice.width + 5} />
              <path
                d={slice.path}
                stroke={water ? 'var(--water)' : 'var(--edge)'}
                strokeWidth={slice.width + (thin ? 0 : 1.6)}
              />
              {thin ? null : (
                <path
                  d={slice.path}
                  stroke={water ? 'var(--flow-water)' : 'var(--under)'}
                  strokeWidth={slice.width - 0.4}
                />
              )}
              {water && !thin ? (
                <path d={slice.path} stroke="var(--water)" strokeWidth={1} strokeDasharray="5 4" />
              ) : null}
            </g>
          );
        })}
        {pours.map((pour) => (
          <g key={pour.key}>
            <path d={pour.path} stroke="var(--paper)" strokeWidth={pour.width + 5} />
            <path d={pour.path} stroke="var(--edge)" strokeWidth={pour.width + 2} />
            <path d={pour.path} stroke="url(#tx-rising)" strokeWidth={pour.width} />
          </g>
        ))}
      </g>
      {caps.map((cap) => (
        <rect key={cap.y} x={capX} y={cap.y} width={5} height={cap.height} fill="var(--ink)" />
      ))}
      <path
        d={`M${layout.tub.x},${layout.tub.y}h${layout.tub.width}v20a10,10 0 0 1 -10,10h${20 - layout.tub.width}a10,10 0 0 1 -10,-10z`}
        fill="var(--under)"
        stroke="var(--edge)"
        strokeWidth={2}
      />
      <text
        x={layout.tub.x + layout.tub.width / 2}
        y={layout.tub.y + 21}
        textAnchor="middle"
        fontSize="1rem"
        fontWeight={700}
        fill="var(--ink)"
      >
        {tub}
      </text>
    </svg>
  );
}
