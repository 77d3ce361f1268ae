import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { NothingToHold } from '@/features/hold/nothing-to-hold';
import { shopContext } from '@/server/context';
import { nextToHold } from '@/server/hold/next-to-hold';

export const metadata: Metadata = {
  get title() {
    return tr`Hold or hurry`;
  },
};

/** Hold or hurry, asked for without a bake: the next one of which something can still be moved. */
export default async function HoldNextPage() {
  await connection();
  const bakeId = nextToHold(shopContext());
  if (bakeId !== null) redirect(`/hold/${encodeURIComponent(bakeId)}`);
  return <NothingToHold />;
}
