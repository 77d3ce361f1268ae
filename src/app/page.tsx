import { connection } from 'next/server';
import { LiveTide } from '@/features/tide/live-tide';
import { shopContext } from '@/server/context';
import { tideView } from '@/server/tide';
import { handsActions } from './hands-actions';

export default async function HomePage() {
  await connection();
  return <LiveTide view={tideView(shopContext())} actions={handsActions} />;
}
