import { linkHorizontal } from 'd3';
import { blendValue, type BlendWish, type Flour, type FlourPart } from '@/core/flour';
import { decimals } from '@/ui/format';

/** A flour that flows into a blend, with its share. */
export interface BlendFlow {
  readonly flour: Flour;
  readonly share: number;
}

const WIDTH = 358;
const HEIGHT = 150;
/** Where the flour that has most of what is wanted runs in, and that which has least. */
const MOST_Y = 44;
const LEAST_Y = 106;
/** All of the blend, px thick. */
const THICK = 36;
const [MEET_X, END_X] = [200, 276];
const MOST_LETTERS = 30;

/** What a flour or a blend has of what is wanted: "W 280", "12.4 %". */
export const wishText = (value: number | null, of: BlendWish['of']) =>
  value === null
    ? '–'
    : of === 'strength'
      ? `W ${Math.round(value)}`
      : `${decimals(value * 100, 1)} %`;
const short = (name: string) =>
  name.length > MOST_LETTERS ? `${name.slice(0, MOST_LETTERS - 1)}…` : name;

/** The flow of each flour into the blend, that with most of what is wanted on top. */
export function blendFlows(
  parts: readonly FlourPart[],
  flours: readonly Flour[],
  of: BlendWish['of'],
) {
  const flows = parts.flatMap(({ flourId, share }): BlendFlow[] => {
    const flour = flours.find((one) => one.id === flourId);
    return flour === undefined ? [] : [{ flour, share }];
  });
  const valueOf = ({ flour }: BlendFlow) => blendValue(flour, of) ?? 0;
  return flows.sort((one, other) => valueOf(other) - valueOf(one));
}

/** Two flours that flow together: as thick as their shares, as high as what they have of what is wanted. */
export function BlendPicture(props: { flows: readonly BlendFlow[]; wish: BlendWish }) {
  const { flows, wish } = props;
  const { of } = wish;
  const [top, low] = flows;
  if (top === undefined || low === undefined) return null;
  const blendY = MOST_Y + low.share * (LEAST_Y - MOST_Y);
  const into = linkHorizontal<unknown, [number, number]>();
  const lines = [
    { ...top, y: MOST_Y, toY: blendY - THICK / 2 + (top.share * THICK) / 2, nameY: MOST_Y - 26 },
    { ...low, y: LEAST_Y, toY: blendY + THICK / 2 - (low.share * THICK) / 2, nameY: LEAST_Y + 36 },
  ];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ display: 'block', maxWidth: 420 }}
      aria-hidden="true"
      data-testid="blend-picture"
    >
      {lines.map(({ flour, share, y, toY, nameY }) => {
        const path = `${into({ source: [0, y], target: [MEET_X, toY] }) ?? ''}H${END_X}`;
        const thick = share * THICK;
        return (
          <Line
            key={flour.id}
            flour={flour}
            thick={thick}
            path={path}
            nameY={nameY}
            of={of}
            y={y}
            share={share}
          />
        );
      })}
      <rect x={END_X} y={blendY - THICK / 2} width={5} height={THICK} fill="var(--ink)" />
      <text x={END_X + 12} y={blendY + 6} fontSize="1rem" fontWeight={700} fill="var(--ink)">
        {wishText(wish.value, of)}
      </text>
    </svg>
  );
}

function Line(props: {
  flour: Flour;
  thick: number;
  path: string;
  nameY: number;
  of: 'strength' | 'protein' | 'wholegrain';
  y: number;
  share: number;
}) {
  const { flour, thick, path, nameY, of, y, share } = props;
  return (
    <g>
      {thick < 1 ? (
        <path d={path} fill="none" stroke="var(--edge)" strokeDasharray="2 4" />
      ) : (
        <>
          <path d={path} fill="none" stroke="var(--edge)" strokeWidth={thick + 1.6} />
          <path d={path} fill="none" stroke="var(--paper)" strokeWidth={Math.max(0, thick - 0.8)} />
        </>
      )}
      <text y={nameY} fontSize="0.8125rem" fill="var(--ink)">
        {short(flour.name)}, {wishText(blendValue(flour, of), of)}
      </text>
      {thick < 14 ? null : (
        <text x={8} y={y + 5} fontSize="0.875rem" fontWeight={700} fill="var(--ink)">
          {decimals(share * 100, 1)} %
        </text>
      )}
    </g>
  );
}
