import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Records } from '@/features/records/records';
import { shopContext } from '@/server/context';
import { recordsView } from '@/server/records/records-view';
import { keepBackupAction, restoreShopAction, undoAction } from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`Records`;
  },
};

export default async function RecordsPage() {
  await connection();
  const view = recordsView(shopContext());
  const actions = {
    keepBackup: keepBackupAction,
    restoreShop: restoreShopAction,
    undo: undoAction,
  };
  return <Records view={view} actions={actions} />;
}
