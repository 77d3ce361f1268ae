import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { LiveWall } from '@/features/wall/live-wall';
import { shopContext } from '@/server/context';
import { tideView } from '@/server/tide';

export const metadata: Metadata = {
  get title() {
    return tr`Wall`;
  },
};

export default async function WallPage() {
  await connection();
  return <LiveWall view={tideView(shopContext())} />;
}
