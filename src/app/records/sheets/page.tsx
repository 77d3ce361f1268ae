import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { SheetsView } from '@/features/records/sheets';
import { shopContext } from '@/server/context';
import { sheetsView } from '@/server/sheets/sheets';

export const metadata: Metadata = {
  get title() {
    return tr`Sheets`;
  },
};

export default async function SheetsPage() {
  await connection();
  return <SheetsView sheets={sheetsView(shopContext())} />;
}
