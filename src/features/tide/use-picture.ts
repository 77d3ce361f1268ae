'use client';

import { useMemo, useState } from 'react';
import type { TideView } from '@/services/tide';
import type { LaneMemory } from './layout/lanes';
import { layoutPicture, type Pulled } from './layout/picture';
import type { Frame, Picture } from './layout/picture-parts';

/** The picture of a view; strands keep the lanes they had when the view changes. */
export function usePicture(view: TideView, nowMs: number, frame: Frame, pulled: Pulled): Picture {
  const { unfolded, panMs } = pulled;
  const [last, setLast] = useState<{ view: TideView; lanes: LaneMemory } | null>(null);
  const lanes = last?.lanes;
  const picture = useMemo(
    () =>
      layoutPicture(view, nowMs, frame, {
        unfolded,
        panMs,
        ...(lanes === undefined ? {} : { lanes }),
      }),
    [view, nowMs, frame, unfolded, panMs, lanes],
  );
  // The lanes of one view are the memory of the next: kept when the view changes, not at every minute.
  if (last?.view !== view) setLast({ view, lanes: picture.lanes });
  return picture;
}
