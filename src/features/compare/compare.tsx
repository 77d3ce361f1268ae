'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { CompareView } from '@/server/scores/compare-view';
import { clockText, dateText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { useWidth } from '@/ui/use-width';
import { ViewFrame } from '@/ui/view-frame';
import { ChangePanel } from './change-panel';
import type { CompareActions } from './compare-actions';
import { Curves } from './curves';
import { Differences } from './differences';
import { ChosenChip } from './chosen-chip';
import { Outcomes } from './outcomes';

const MOST = 4;

/** Two to four bakes side by side: what differed, how they ran, how they turned out, what to change. */
export function Compare({ view, actions }: { view: CompareView; actions: CompareActions }) {
  const [align, setAlign] = useState<'mix' | 'bake'>('mix');
  const { bakes, units } = view;
  return (
    <ViewFrame
      title={tr`Side by side`}
      subtitle={bakes.map((one) => one.name).join(', ') || tr`choose two bakes`}
      clock={clockText(view.nowMs, units.timeZone)}
      aside={<Chosen view={view} align={align} setAlign={setAlign} />}
    >
      {bakes.length < 2 ? (
        <ChooseFirst view={view} />
      ) : (
        <Body view={view} align={align} actions={actions} />
      )}
    </ViewFrame>
  );
}

function hrefOf(bakeIds: readonly string[]): string {
  return `/compare?${new URLSearchParams(bakeIds.map((id) => [tr`bake`, id])).toString()}`;
}

function Chosen(props: {
  view: CompareView;
  align: 'mix' | 'bake';
  setAlign: (align: 'mix' | 'bake') => void;
}) {
  const { view, align, setAlign } = props;
  const { bakes, units } = view;
  const router = useRouter();
  const ids = bakes.map((one) => one.bakeId);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', flex: 1 }}>
      {bakes.map((bake, index) => (
        <ChosenChip
          key={bake.bakeId}
          index={index}
          head={tr`${dateText(bake.fromMs, units.timeZone)}, ${bake.balls} pizzas`}
          detail={`${bake.name}${bake.version === null ? '' : tr`, version ${bake.version}`}`}
          leaveOut={tr`Leave ${bake.name} of ${dateText(bake.fromMs, units.timeZone)} out`}
          onLeaveOut={() => router.replace(hrefOf(ids.filter((id) => id !== bake.bakeId)))}
        />
      ))}
      {bakes.length === 0 || bakes.length >= MOST ? null : <AddOne view={view} />}
      {bakes.length < 2 ? null : (
        <Button onClick={() => setAlign(align === 'mix' ? 'bake' : 'mix')}>
          {tr`Align at the ${align === 'mix' ? tr`bake` : tr`mix`}`}
        </Button>
      )}
      <LinkButton href="/compare/lots">{tr`Lots instead`}</LinkButton>
    </Box>
  );
}

/** Another bake to lay beside those that are chosen. */
function AddOne({ view }: { view: CompareView }) {
  const { bakes, others, units } = view;
  const router = useRouter();
  return (
    <TextField
      fullWidth={false}
      select
      label={bakes.length < 2 ? tr`Lay beside it` : tr`Add one`}
      value=""
      onChange={(event) =>
        router.replace(hrefOf([...bakes.map((one) => one.bakeId), event.target.value]))
      }
      sx={{ minWidth: 150 }}
      slotProps={{ htmlInput: { 'data-testid': 'add-bake' } }}
    >
      {others.map((one) => (
        <MenuItem key={one.bakeId} value={one.bakeId}>
          {one.name}, {dateText(one.fromMs, units.timeZone)}
        </MenuItem>
      ))}
    </TextField>
  );
}

function ChooseFirst({ view }: { view: CompareView }) {
  const { others, units, bakes } = view;
  const router = useRouter();
  if (others.length + bakes.length < 2) {
    return (
      <Typography sx={{ p: 3 }}>
        {tr`Two bakes are needed. Once they are baked, they can be laid beside each other here.`}
      </Typography>
    );
  }
  return (
    <Box sx={{ p: 3 }}>
      <Typography variant="h2">{tr`Which bakes?`}</Typography>
      <Typography sx={{ mb: 2 }}>
        {tr`The first is run again with each single thing of the second in its place: so much of the difference that thing explains.`}
      </Typography>
      {bakes.length === 1 ? (
        <AddOne view={view} />
      ) : (
        <Box sx={{ display: 'grid', gap: 1, maxWidth: 520 }}>
          {others.slice(0, 8).map((one) => (
            <Button
              key={one.bakeId}
              sx={{ justifyContent: 'start' }}
              onClick={() => router.replace(hrefOf([one.bakeId]))}
            >
              {one.name}, {dateText(one.fromMs, units.timeZone)}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Body(props: { view: CompareView; align: 'mix' | 'bake'; actions: CompareActions }) {
  const { view, align, actions } = props;
  const { ref, width } = useWidth(810);
  const columns = (left: string, right: string) => ({
    display: 'grid',
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: `${left} ${right}` },
    borderBottom: '2px solid var(--ink)',
  });
  return (
    <Box sx={{ flex: 1 }}>
      <Box sx={columns('470px', 'minmax(0, 1fr)')}>
        <Differences
          differed={view.differed}
          same={view.same}
          words={view.words}
          units={view.units}
          explained
        />
        <Box ref={ref} sx={{ borderLeft: { md: '2px solid var(--ink)' }, minWidth: 0 }}>
          <Curves view={view} align={align} width={Math.max(280, width)} />
        </Box>
      </Box>
      <Box sx={columns('minmax(0, 1fr)', '444px')}>
        <Box sx={{ background: 'var(--paper)', minWidth: 0 }}>
          <Outcomes view={view} />
        </Box>
        <Box sx={{ borderLeft: { md: '2px solid var(--line)' }, minWidth: 0 }}>
          <ChangePanel view={view} actions={actions} />
        </Box>
      </Box>
    </Box>
  );
}
