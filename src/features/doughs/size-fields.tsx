'use client';

import { tr } from '@/words/tr';
import type { Size } from '@/core/formula';
import { NumberBox } from '@/ui/fields/number-box';

export function SizeFields(props: { size: Size; prefix?: string; onSize: (size: Size) => void }) {
  const { size, prefix = '', onSize } = props;
  const figure = (name: string, label: string, value: number, to: (value: number) => Size) => (
    <NumberBox
      key={name}
      name={`${prefix}${name}`}
      label={label}
      of="length"
      value={value}
      onValue={(next) => {
        if (next > 0) onSize(to(next));
      }}
    />
  );
  return size.of === 'round' ? (
    figure('diameterCm', tr`Diameter`, size.diameterCm, (diameterCm) => ({
      of: 'round',
      diameterCm,
    }))
  ) : (
    <>
      {figure('lengthCm', tr`Length`, size.lengthCm, (lengthCm) => ({ ...size, lengthCm }))}
      {figure('widthCm', tr`Width`, size.widthCm, (widthCm) => ({ ...size, widthCm }))}
    </>
  );
}
