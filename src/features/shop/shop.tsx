'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Outcome } from '@/shop/outcome';
import type { Shop as ShopSettings } from '@/server/shop/shop';
import type { ShopView } from '@/server/shop/shop-view';
import { CautionLine } from '@/ui/cautions/caution-line';
import { BackupsPanel, type BackupActions } from '@/ui/panels/backups-panel';
import { DemoLook, type LookAtDemo } from '@/ui/panels/demo-look';
import { Panes } from '@/ui/panes';
import { DevicePanel } from './device-panel';
import { EquipmentPanel } from './equipment-panel';
import type { EquipmentActions } from './thing-form';
import type { PlaceActions } from './place-actions';
import { HoursPanel, type HoursActions } from './hours-panel';
import { PlacesPanel } from './places-panel';
import { SackLine, type SackActions } from './sack-line';
import { SettingsPanel } from './settings-panel';

/** What the shop’s forms can do. */
export interface ShopActions
  extends PlaceActions, EquipmentActions, SackActions, HoursActions, BackupActions {
  readonly changeShop: (form: unknown) => Promise<Outcome<{ before: ShopSettings | null }>>;
  readonly lookAtDemo: LookAtDemo;
}

/** What do we have: places, hours, scales, units. */
export function Shop({ view, actions }: { view: ShopView; actions: ShopActions }) {
  return (
    <Panes columns="minmax(0, 1fr) minmax(0, 1fr)">
      <Box sx={{ background: 'var(--paper)', p: 2.5, borderRight: { md: '3px solid var(--ink)' } }}>
        <Typography variant="h2" gutterBottom>
          {tr`Places`}
        </Typography>
        <PlacesPanel places={view.places} actions={actions} nowMs={view.nowMs} units={view.shop} />
        <CautionLine at="cold store" />
        <Typography variant="h2" sx={{ mt: 3 }} gutterBottom>
          {tr`Flours`}
        </Typography>
        {view.flours.map((flour) => (
          <SackLine key={flour.flourId} flour={flour} units={view.shop} actions={actions} />
        ))}
      </Box>
      <HoursAndUnits view={view} actions={actions} />
    </Panes>
  );
}

function HoursAndUnits({ view, actions }: { view: ShopView; actions: ShopActions }) {
  return (
    <Box sx={{ p: 2.5 }}>
      <Typography variant="h2" gutterBottom>
        {tr`Hours, scales, units`}
      </Typography>
      <SettingsPanel shop={view.shop} change={actions.changeShop} />
      <Typography variant="h2" sx={{ mt: 4 }} gutterBottom>
        {tr`Who is there when`}
      </Typography>
      <HoursPanel people={view.shop.people} hours={view.hours} actions={actions} />
      <Typography variant="h2" sx={{ mt: 4 }} gutterBottom>
        {tr`Mixers, ovens, boxes, tubs`}
      </Typography>
      <EquipmentPanel things={view.equipment} actions={actions} />
      <Typography variant="h2" sx={{ mt: 4 }} gutterBottom>
        {tr`This device`}
      </Typography>
      <DevicePanel />
      <Typography variant="h2" sx={{ mt: 4 }} gutterBottom>
        {tr`Back-ups`}
      </Typography>
      <BackupsPanel backups={view.backups} timeZone={view.shop.timeZone} actions={actions} />
      {view.isDemo ? null : (
        <>
          <Typography variant="h2" sx={{ mt: 4 }} gutterBottom>
            {tr`A demo shop`}
          </Typography>
          <DemoLook look={actions.lookAtDemo} />
        </>
      )}
    </Box>
  );
}
