import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Shop } from '@/features/shop/shop';
import { shopContext } from '@/server/context';
import { shopView } from '@/server/shop/shop-view';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import {
  changeEquipmentAction,
  changeHoursAction,
  changePlaceAction,
  changeShopAction,
  keepBackupAction,
  logReadingAction,
  lookAtDemoAction,
  openSackAction,
  removeEquipmentAction,
  restoreShopAction,
  takeSackBackAction,
  troubleProbeAction,
  undoAction,
} from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`Shop`;
  },
};

export default async function ShopPage() {
  await connection();
  const view = shopView(shopContext());
  return (
    <ViewFrame
      title={tr`Shop`}
      subtitle={view.shop.name}
      clock={clockText(view.nowMs, view.shop.timeZone)}
    >
      <Shop
        view={view}
        actions={{
          changeShop: changeShopAction,
          changePlace: changePlaceAction,
          changeEquipment: changeEquipmentAction,
          removeEquipment: removeEquipmentAction,
          troubleProbe: troubleProbeAction,
          logReading: logReadingAction,
          lookAtDemo: lookAtDemoAction,
          undo: undoAction,
          changeHours: changeHoursAction,
          keepBackup: keepBackupAction,
          restoreShop: restoreShopAction,
          openSack: openSackAction,
          takeSackBack: takeSackBackAction,
        }}
      />
    </ViewFrame>
  );
}
