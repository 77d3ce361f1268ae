import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Practice } from '@/features/practice/practice';
import { shopContext } from '@/server/context';
import { practiceView } from '@/server/practice/practice';
import { logPracticeAction } from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`Practice`;
  },
};

export default async function PracticePage() {
  await connection();
  return <Practice view={practiceView(shopContext())} log={logPracticeAction} />;
}
