import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Playground } from '@/features/lot/playground';
import { shopContext } from '@/server/context';
import { logView } from '@/server/log/log';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';

export const metadata: Metadata = {
  get title() {
    return tr`Try out`;
  },
};

export default async function TryPage() {
  await connection();
  const { nowMs, units } = logView(shopContext());
  return (
    <ViewFrame
      title={tr`Try out`}
      subtitle={tr`what if, without a lot`}
      clock={clockText(nowMs, units.timeZone)}
    >
      <Playground nowMs={nowMs} units={units} />
    </ViewFrame>
  );
}
