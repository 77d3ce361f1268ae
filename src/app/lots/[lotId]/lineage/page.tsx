import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { LineageTree } from '@/features/lineage/lineage';
import { shopContext } from '@/server/context';
import { lineageOf } from '@/server/lots/lineage';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { segmentOf } from '../../../segment';

type Props = { params: Promise<{ lotId: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: tr`Lineage ${segmentOf((await params).lotId)}` };
}

export default async function LineagePage({ params }: Props) {
  const lineage = lineageOf(shopContext(), segmentOf((await params).lotId));
  if (lineage === null) notFound();
  return (
    <ViewFrame
      title={tr`Lineage`}
      subtitle={`${lineage.lot.name} · ${lineage.lot.lotId}`}
      clock={clockText(lineage.nowMs, lineage.units.timeZone)}
    >
      <LineageTree lineage={lineage} />
    </ViewFrame>
  );
}
