import { tr } from '@/words/tr';
import { riseText } from '@/ui/format';
import { StrandPaths } from '@/ui/strand/strand-paths';
import { strandShape } from '@/ui/strand/strand-shape';
import { useMemo } from 'react';
import type { Raft } from '../layout/bands';
import type { Picture } from '../layout/picture-parts';

/** Opacity of what is not lit while a strand is. */
const DIM = 0.25;

/** Channels, strands and the brackets of their ripe windows. */
export function StrandsLayer(props: {
  picture: Picture;
  lit: string | null;
  /** Lots that lie elsewhere while a moment is dragged. */
  faded: ReadonlySet<string>;
  onStrand: (lotId: string) => void;
  onRaft: (raft: Raft, at: { readonly x: number; readonly y: number }) => void;
}) {
  const { picture, lit, faded, onStrand, onRaft } = props;
  return (
    <g>
      {picture.channels.map((channel) => (
        <g key={channel.id} fill="none" opacity={lit === null ? 1 : DIM}>
          <path
            d={channel.path}
            stroke={channel.seen ? 'var(--edge)' : 'var(--edge2)'}
            strokeWidth={channel.portion ? 4.5 : 8}
          />
          <path d={channel.path} stroke="var(--under)" strokeWidth={channel.portion ? 2 : 5} />
        </g>
      ))}
      {picture.shapes.map(({ stay, strand }) => (
        <g
          key={`${strand.lotId}-${stay.fromMs}`}
          opacity={(lit === null || lit === strand.lotId) && !faded.has(strand.lotId) ? 1 : DIM}
          style={{ cursor: 'pointer' }}
          onClick={() => onStrand(strand.lotId)}
          data-strand={strand.lotId}
        >
          <title>{tr`${strand.name}, ${riseText(Math.max(...strand.rise))} at its highest`}</title>
          <StayOf picture={picture} stay={stay} strand={strand} />
        </g>
      ))}
      {picture.rafts.map((raft) => (
        <RaftShape key={raft.placeId} raft={raft} picture={picture} lit={lit} onRaft={onRaft} />
      ))}
      {picture.brackets.map((bracket) => (
        <g
          key={bracket.lotId}
          opacity={(lit === null || lit === bracket.lotId) && !faded.has(bracket.lotId) ? 1 : DIM}
        >
          {bracket.doubts.map(([from, to]) => (
            <line
              key={from}
              x1={from}
              x2={to}
              y1={bracket.y}
              y2={bracket.y}
              stroke="var(--doubt)"
              strokeWidth={6}
              strokeLinecap="round"
            />
          ))}
          <g stroke="var(--ink)" strokeWidth={2} fill="none">
            <path d={`M${bracket.opensX},${bracket.y + 6}V${bracket.y}H${bracket.endX}`} />
            <path
              d={
                bracket.closesX === null
                  ? `M${bracket.endX - 6},${bracket.y - 5}l6,5l-6,5`
                  : `M${bracket.endX},${bracket.y}v6`
              }
            />
          </g>
          {bracket.bestX === null ? null : (
            <path d={`M${bracket.bestX - 6},${bracket.y - 3}h12l-6,9z`} fill="var(--ink)" />
          )}
        </g>
      ))}
    </g>
  );
}

/** One stay of a strand; its outline is worked out once for a picture, and for each by itself: the page breathes between. */
function StayOf({ picture, stay, strand }: { picture: Picture } & Picture['shapes'][number]) {
  const shape = useMemo(() => {
    const { k, nowMs, scale } = picture;
    const thin = stay.drawn === 'stub' ? { thinPx: stay.width } : {};
    return strandShape({ ...stay, ...thin, strand, k, nowMs, scale });
  }, [picture, stay, strand]);
  return <StrandPaths shape={shape} quiet={strand.keeping} />;
}

/** Planks of a raft that are drawn at the most. */
const MOST_PLANKS = 4;

/** Sleeping lots of one place, as planks side by side. */
function RaftShape(props: {
  raft: Raft;
  picture: Picture;
  lit: string | null;
  onRaft: (raft: Raft, at: { readonly x: number; readonly y: number }) => void;
}) {
  const { raft, picture, lit, onRaft } = props;
  const { scale } = picture;
  const from = scale.x(Math.max(raft.fromMs, scale.fromMs));
  const to = scale.x(Math.min(raft.toMs, scale.toMs));
  const planks = Math.min(MOST_PLANKS, raft.lotIds.length);
  const plank = raft.height / planks;
  return (
    <g
      opacity={lit === null || raft.lotIds.includes(lit) ? 1 : DIM}
      style={{ cursor: 'pointer' }}
      onClick={(event) => onRaft(raft, { x: event.clientX, y: event.clientY })}
      data-raft={raft.placeId}
    >
      <title>{tr`${raft.lotIds.length} lots asleep`}</title>
      {Array.from({ length: planks }, (_, i) => (
        <rect
          key={i}
          x={from}
          y={raft.y - raft.height / 2 + i * plank}
          width={Math.max(0, to - from)}
          height={plank}
          fill="var(--under)"
          stroke="var(--edge)"
          strokeWidth={1.4}
        />
      ))}
    </g>
  );
}
