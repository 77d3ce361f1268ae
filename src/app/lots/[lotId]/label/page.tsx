import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { LabelPanel } from '@/features/labels/label-panel';
import { shopContext } from '@/server/context';
import { labelOf } from '@/server/labels/label';
import { qrOf } from '@/shop/labels/qr';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { loadShop } from '@/server/shop/load-shop';
import { printLabelsAction } from '../../../actions';
import { segmentOf } from '../../../segment';

type Props = { params: Promise<{ lotId: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: tr`Label ${segmentOf((await params).lotId)}` };
}

export default async function LabelPage({ params }: Props) {
  const context = shopContext();
  const content = labelOf(context, segmentOf((await params).lotId));
  if (content === null) notFound();
  const { nowMs, shop } = loadShop(context);
  return (
    <ViewFrame
      title={tr`Label`}
      subtitle={`${content.name} · ${content.code}`}
      clock={clockText(nowMs, shop.timeZone)}
    >
      <LabelPanel content={content} qr={qrOf(content.code)} print={printLabelsAction} />
    </ViewFrame>
  );
}
