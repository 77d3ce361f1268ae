import { connection } from 'next/server';
import { Tide } from '@/features/tide/tide';
import { shopContext } from '@/services/context';
import { tideView } from '@/services/tide';
import { handsActions } from './hands-actions';

export default async function HomePage() {
  await connection();
  return <Tide view={tideView(shopContext())} actions={handsActions} />;
}
