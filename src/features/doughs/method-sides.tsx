'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { MethodRow } from '@/server/doughs/methods';
import type { DoughsView } from '@/server/doughs/view';
import { dateText, momentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { useSend } from '@/ui/hands/use-send';
import { SpanFields } from '@/ui/fields/span-fields';
import type { DoughActions } from './dough-actions';
import { FloursOfDough } from './flours-of-dough';
import { LeavensPanel } from './leavens-panel';
import { SchoolsPanel } from './schools-panel';
import { StagesPanel } from './stages-panel';
import { TargetPanel } from './target-panel';
import type { Working } from './use-method';

const SIDES = ['Makes', 'Leavens', 'Flours', 'Stages', 'Schools'] as const;
type Side = (typeof SIDES)[number];

/** Everything of a method that is chosen beside its figures, a side at a time; above it undo and saving. */
export function MethodSides(props: {
  working: Working;
  opened: MethodRow;
  view: DoughsView;
  actions: DoughActions;
}) {
  const { working, opened, view, actions } = props;
  const [side, setSide] = useState<Side>('Makes');
  return (
    <Box
      component="section"
      aria-label={tr`How it is made`}
      sx={{
        borderLeft: { md: '2px solid var(--line)' },
        minWidth: 0,
        // As tall as the formula beside it, and no taller: what is longer is pushed along.
        height: { md: 0 },
        minHeight: { md: '100%' },
        overflowY: 'auto',
      }}
    >
      <Saving working={working} opened={opened} view={view} actions={actions} />
      <SideTabs side={side} onSide={setSide} />
      <SidePanel side={side} working={working} view={view} opened={opened} />
    </Box>
  );
}

function SideTabs({ side, onSide }: { side: Side; onSide: (side: Side) => void }) {
  return (
    <Tabs
      value={side}
      onChange={(_, next: Side) => onSide(next)}
      variant="fullWidth"
      sx={{
        px: 1,
        borderBottom: '2px solid var(--line)',
        '& .MuiTab-root': {
          minWidth: 0,
          px: 0.5,
          minHeight: 44,
          fontSize: rem(15),
          color: 'var(--ink)',
        },
      }}
    >
      {SIDES.map((one) => (
        <Tab key={one} value={one} label={trOf(one)} />
      ))}
    </Tabs>
  );
}

/** The part of the method that is looked at. */
function SidePanel(props: { side: Side; working: Working; view: DoughsView; opened: MethodRow }) {
  const { side, working, view, opened } = props;
  const { method, change } = working;
  const { facts } = view;
  return (
    <Box role="tabpanel" aria-label={trOf(side)} sx={{ p: 2 }}>
      {side === 'Makes' ? (
        <Box sx={{ display: 'grid', gap: 1.25 }}>
          <TargetPanel method={method} columns={working.columns} facts={facts} onChange={change} />
          <Hours working={working} view={view} />
        </Box>
      ) : null}
      {side === 'Leavens' ? (
        <LeavensPanel method={method} shown={working.shown} facts={facts} onChange={change} />
      ) : null}
      {side === 'Flours' ? (
        <FloursOfDough method={method} opened={opened.method} facts={facts} onChange={change} />
      ) : null}
      {side === 'Stages' ? <StagesPanel method={method} facts={facts} onChange={change} /> : null}
      {side === 'Schools' ? <SchoolsPanel method={method} onChange={change} /> : null}
    </Box>
  );
}

function Hours({ working, view }: { working: Working; view: DoughsView }) {
  const { wish, setWish, answer } = working;
  const { nowMs, timeZone } = view.facts;
  return (
    <>
      <TextField
        label={tr`Bake`}
        name="bakeName"
        value={wish.name}
        onChange={(event) => setWish({ name: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 30 } }}
      />
      <SpanFields
        readyFrom={wish.readyFrom}
        readyTo={wish.readyTo}
        labels={[tr`Ready from`, tr`Ready to`]}
        onChange={setWish}
      />
      {answer?.kind === 'plan' ? (
        <Typography variant="body2" color="text.secondary">
          {tr`Mix ${momentText(answer.plan.mixAtMs, nowMs, timeZone)}, found. Once it is planned each moment can be moved on the Tide.`}
        </Typography>
      ) : null}
    </>
  );
}

/** Undo of each change, saving as a new version, and the versions before. */
function Saving(props: {
  working: Working;
  opened: MethodRow;
  view: DoughsView;
  actions: DoughActions;
}) {
  const { working, opened, view, actions } = props;
  const { method, undo, changed, change } = working;
  const { send, busy, sentence: wrong } = useSend();
  const router = useRouter();
  const own = opened.versionId !== null;
  const save = () =>
    send(() => actions.saveMethod({ methodId: own ? opened.id : null, method }), {
      said: ({ number }) => tr`${method.name}: version ${number} saved.`,
      undo: ({ before }) => (before === null ? null : () => actions.restoreVersion(before)),
      then: ({ methodId }) => router.push(`/doughs/${encodeURIComponent(methodId)}`),
    });
  const restore = (versionId: string) =>
    send(() => actions.restoreVersion(versionId), {
      said: ({ number }) => tr`Back to it, as version ${number}.`,
    });
  return (
    <Box sx={{ px: 2, pt: 1.25, pb: 0.5, display: 'grid', gap: 0.75 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <TextField
          label={tr`Method`}
          name="methodName"
          value={method.name}
          onChange={(event) => change({ ...method, name: event.target.value })}
          error={wrong !== null}
          helperText={wrong}
          slotProps={{ htmlInput: { maxLength: 40 } }}
        />
        <Button
          size="small"
          disabled={undo === null}
          onClick={() => undo?.()}
          sx={{ flexShrink: 0 }}
        >
          {tr`Undo`}
        </Button>
        <Button
          size="small"
          disabled={busy || (own && !changed)}
          onClick={save}
          sx={{ flexShrink: 0 }}
        >
          {own ? tr`Save` : tr`Keep`}
        </Button>
      </Box>
      {view.versions.length > 1 ? (
        <Box component="details">
          <Typography component="summary" variant="body2">
            {tr`${view.versions.length} versions; what was baked keeps its own`}
          </Typography>
          {view.versions.slice(1).map((version) => (
            <Button
              key={version.versionId}
              size="small"
              variant="text"
              disabled={busy}
              onClick={() => restore(version.versionId)}
            >
              {tr`Back to ${version.number}, ${dateText(version.createdMs, view.facts.units.timeZone)}`}
            </Button>
          ))}
        </Box>
      ) : null}
    </Box>
  );
}
