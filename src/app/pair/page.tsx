import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Pair } from '@/features/pair/pair';
import { whoAsks } from '../who-asks';

export const metadata: Metadata = {
  get title() {
    return tr`Let this device in`;
  },
};

/** The one page that a device sees before it is let in. */
export default async function PairPage() {
  if ((await whoAsks()) !== null) redirect('/');
  return <Pair />;
}
