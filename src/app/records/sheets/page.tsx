import type { Metadata } from 'next';
import { connection } from 'next/server';
import { SheetsView } from '@/features/records/sheets';
import { shopContext } from '@/server/context';
import { sheetsView } from '@/server/sheets/sheets';

export const metadata: Metadata = { title: 'Sheets' };

export default async function SheetsPage() {
  await connection();
  return <SheetsView sheets={sheetsView(shopContext())} />;
}
