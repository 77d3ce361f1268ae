import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { handlePrinterAction } from '../actions';
import { Labels } from '@/features/labels/labels';
import { shopContext } from '@/server/context';
import { labelsView } from '@/server/labels/print';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';

export const metadata: Metadata = {
  get title() {
    return tr`Labels`;
  },
};

export default async function LabelsPage() {
  await connection();
  const view = labelsView(shopContext());
  return (
    <ViewFrame
      title={tr`Labels`}
      subtitle={tr`${view.printed.length} printed · ${view.shopName}`}
      clock={clockText(view.nowMs, view.units.timeZone)}
    >
      <Labels view={view} handlePrinter={handlePrinterAction} />
    </ViewFrame>
  );
}
