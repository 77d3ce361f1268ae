import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Devices } from '@/features/devices/devices';
import { shopContext } from '@/server/context';
import { waysInView } from '@/server/ways-in/view';
import { ViewFrame } from '@/ui/view-frame';
import {
  giveKeyAction,
  letInAction,
  shareAction,
  shutOutAction,
  takeKeyBackAction,
} from '../actions';
import { whoAsks } from '../who-asks';

export const metadata: Metadata = {
  get title() {
    return tr`Other devices`;
  },
};

export default async function DevicesPage() {
  await connection();
  const view = waysInView(shopContext(), (await whoAsks()) ?? undefined);
  return (
    <ViewFrame title={tr`Other devices`} subtitle={tr`the whole crew, one shop`} clock={null}>
      <Devices
        view={view}
        actions={{
          share: shareAction,
          letIn: letInAction,
          shutOut: shutOutAction,
          giveKey: giveKeyAction,
          takeKeyBack: takeKeyBackAction,
        }}
      />
    </ViewFrame>
  );
}
