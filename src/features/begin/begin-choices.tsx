'use client';

import { language, LANGUAGES } from '@/words/speaker';
import { tr } from '@/words/tr';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useSend } from '@/ui/hands/use-send';
import type { UnitSystem } from './answers';
import type { Outcome } from '@/shop/outcome';
import type { LookAtDemo } from '@/ui/panels/demo-look';

export function UnitsChoice(props: { units: UnitSystem; onUnits: (units: UnitSystem) => void }) {
  return (
    <ToggleButtonGroup
      exclusive
      value={props.units}
      onChange={(_, units: UnitSystem | null) => {
        if (units !== null) props.onUnits(units);
      }}
      aria-label={tr`Units`}
    >
      <ToggleButton value="metric">{`g, °C`}</ToggleButton>
      <ToggleButton value="ounces">{tr`oz, °F`}</ToggleButton>
    </ToggleButtonGroup>
  );
}

/** The clock the shop goes by; a choice where the device has another. */
export function ZoneChoice(props: {
  zones: readonly string[];
  zone: string;
  onZone: (zone: string) => void;
}) {
  const zones = [...new Set(props.zones)];
  return (
    <TextField
      select
      name="zone"
      label={tr`Clock of`}
      value={props.zone}
      onChange={(event) => props.onZone(event.target.value)}
    >
      {zones.map((zone) => (
        <MenuItem key={zone} value={zone}>
          {zone}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** In which language the shop speaks; the page is said anew in it. */
export function LanguageChoice({ change }: { change: BeginActions['changeShop'] }) {
  const { send } = useSend('notice');
  const choose = (next: string) =>
    send(() => change({ language: next }), { then: () => window.location.reload() });
  return (
    <TextField
      select
      name="language"
      label={tr`Language`}
      value={language()}
      onChange={(event) => choose(event.target.value)}
    >
      {Object.entries(LANGUAGES).map(([id, name]) => (
        <MenuItem key={id} value={id} lang={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** What the questions send. */
export interface BeginActions {
  readonly beginShop: (form: unknown) => Promise<Outcome<{ demandId: string }>>;
  readonly lookAtDemo: LookAtDemo;
  readonly changeShop: (form: unknown) => Promise<Outcome<unknown>>;
}
