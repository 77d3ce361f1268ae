import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { MixSheetView } from '@/features/mix/mix-sheet';
import { shopContext } from '@/server/context';
import { mixSheet } from '@/shop/mix/sheet-content';
import { mixView } from '@/server/mix/view';
import { segmentOf } from '../../../segment';

export const metadata: Metadata = {
  get title() {
    return tr`Mix sheet`;
  },
};

type Props = { params: Promise<{ stepId: string }> };

export default async function MixSheetPage({ params }: Props) {
  await connection();
  const stepId = segmentOf((await params).stepId);
  const context = shopContext();
  const first = mixView(context, stepId, 1);
  if (first === null) notFound();
  const sheets = Array.from({ length: first.batches }, (_, index) => {
    const view = index === 0 ? first : mixView(context, stepId, index + 1);
    return view === null ? [] : [mixSheet(view)];
  }).flat();
  return <MixSheetView stepId={stepId} sheets={sheets} />;
}
