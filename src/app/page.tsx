import { connection } from 'next/server';
import { LiveTide } from '@/features/tide/live-tide';
import { shopContext } from '@/services/context';
import { tideView } from '@/services/tide';
import { handsActions } from './hands-actions';

export default async function HomePage() {
  await connection();
  return <LiveTide view={tideView(shopContext())} actions={handsActions} />;
}
