import { strandShape, type StrandShape } from '@/ui/strand/strand-shape';
import type { Strand } from '@/server/tide';
import type { Picture } from './picture-parts';

/** A strand as it would lie after a move, on the lanes the picture has. */
export interface Ghost {
  readonly key: string;
  readonly lotId: string;
  readonly shape: StrandShape;
}

/** Strands that a move would change, drawn where their lots lie now; a stay in a place they are not in yet lies in its middle. */
export function ghostsOf(picture: Picture, strands: readonly Strand[], nowMs: number): Ghost[] {
  const { scale, stays, bands, k } = picture;
  return strands.flatMap((strand) =>
    strand.stays.flatMap((stay, index) => {
      const lane = stays.find((one) => one.lotId === strand.lotId && one.placeId === stay.placeId);
      const band = bands.find((one) => one.band.placeId === stay.placeId);
      if (band === undefined) return [];
      const fromMs = Math.max(stay.fromMs, scale.fromMs);
      const toMs = Math.min(stay.toMs ?? strand.endMs ?? scale.toMs, scale.toMs);
      if (toMs <= fromMs) return [];
      const y = lane?.y ?? band.top + band.height / 2;
      const shape = strandShape({ strand, fromMs, toMs, y, k, nowMs, scale });
      return [{ key: `${strand.lotId}-${index}`, lotId: strand.lotId, shape }];
    }),
  );
}
