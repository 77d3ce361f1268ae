import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { WholeDough } from '@/features/practice/whole-dough';
import { shopContext } from '@/server/context';
import { wholeDoughView } from '@/server/practice/whole-dough-view';

export const metadata: Metadata = {
  get title() {
    return tr`A whole dough`;
  },
};

export default async function WholeDoughPage() {
  await connection();
  return <WholeDough view={wholeDoughView(shopContext())} />;
}
