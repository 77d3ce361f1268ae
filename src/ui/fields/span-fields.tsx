'use client';

import { tr } from '@/words/tr';
import { endKept } from './kept-span';
import { WallTimeField } from './wall-time-field';

/** A service's beginning and end on the wall clock; moved, its beginning takes the end along. */
export function SpanFields(props: {
  readyFrom: string;
  readyTo: string;
  /** What the two are called. */
  labels?: readonly [from: string, to: string];
  wrong?: Readonly<Record<string, string>>;
  onChange: (span: { readyFrom: string; readyTo: string } | { readyTo: string }) => void;
}) {
  const { readyFrom, readyTo, labels = [tr`From`, tr`To`], wrong = {}, onChange } = props;
  return (
    <>
      <WallTimeField
        label={labels[0]}
        name="readyFrom"
        value={readyFrom}
        error={wrong['readyFrom']}
        onChange={(from) =>
          onChange({ readyFrom: from, readyTo: endKept({ from: readyFrom, to: readyTo }, from) })
        }
      />
      <WallTimeField
        label={labels[1]}
        name="readyTo"
        value={readyTo}
        error={wrong['readyTo']}
        onChange={(to) => onChange({ readyTo: to })}
      />
    </>
  );
}
