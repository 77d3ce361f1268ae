import { PHASE_FILL } from '@/ui/marks/textures';
import type { StrandShape } from './strand-shape';

/** A strand as drawn: filled by its phases, outlined where it was seen, dashed where it is to come. */
export function StrandPaths(props: {
  shape: StrandShape;
  /** Kept cold: its ripeness must not shout. */
  quiet?: boolean;
  /** Drawn heavier: under the finger. */
  held?: boolean;
}) {
  const { shape, quiet = false, held = false } = props;
  return (
    <>
      {shape.pieces.map(({ phase, seen, path }) => (
        <path
          key={`${phase}-${seen}`}
          d={path}
          fill={PHASE_FILL[quiet && phase === 'ripe' ? 'rising' : phase]}
        />
      ))}
      <path d={shape.seenOutline} fill="none" stroke="var(--edge)" strokeWidth={2} />
      <path
        d={shape.futureOutline}
        fill="none"
        stroke={held ? 'var(--ink)' : 'var(--edge)'}
        strokeWidth={held ? 2 : 1.4}
        strokeDasharray="5 4"
      />
    </>
  );
}
