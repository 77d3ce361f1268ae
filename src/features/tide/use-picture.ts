'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import type { TideView } from '@/server/tide';
import { useCompute } from '@/ui/compute/use-compute';
import type { LaneMemory } from '@/ui/lanes/lanes';
import type { LaneQuestion } from '@/ui/lanes/search';
import { layoutPicture, type Pulled } from './layout/picture';
import type { Frame, Picture } from './layout/picture-parts';

/**
 * The picture of a view. Its lanes are greedy at once and searched for in the worker; what was found is the memory of
 * the next layout, so that strands keep their lanes from edit to edit.
 */
export function usePicture(view: TideView, nowMs: number, frame: Frame, pulled: Pulled): Picture {
  const { unfolded, panMs } = pulled;
  const [question, setQuestion] = useState<{ key: string; asks: LaneQuestion } | null>(null);
  // Found lanes are no answer to a tap: the picture stands while the next one is laid out.
  const found = useDeferredValue(useCompute('lanes', question?.asks ?? null).answer);
  const lanes = useMemo<LaneMemory>(() => new Map(found ?? []), [found]);
  const picture = useMemo(
    () => layoutPicture(view, nowMs, frame, { unfolded, panMs, lanes }),
    [view, nowMs, frame, unfolded, panMs, lanes],
  );
  const key = keyOf(picture.question);
  // A pull on the paper is no edit: back at now, the picture is the one it was.
  if (panMs === 0 && key !== question?.key) setQuestion({ key, asks: picture.question });
  return picture;
}

/** What makes the search a new one: who stands where, from when to when. */
function keyOf({ places }: LaneQuestion): string {
  return JSON.stringify(
    places.map(({ placeId, stays }) => [
      placeId,
      ...stays.map((stay) => [stay.lotId, stay.fromMs, stay.toMs]),
    ]),
  );
}
