'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { fromLocalText, toLocalText, type ShopUnits } from '@/core/units';
import type { StepSheet } from '@/shop/hands/step-sheet';
import { WallTimeField } from '../fields/wall-time-field';
import { GlyphDisc } from '../marks/glyphs';
import { clockText, decimals, tempText } from '../format';
import { waterText } from '../water-text';
import { CautionLine } from '../cautions/caution-line';
import { LinkButton } from '../link-button';
import type { HandsActions } from './actions';
import { SureQuestion } from './sure-question';
import { newBatch, useAct } from './use-act';
import { FigureField } from '../fields/figure-field';
import { SkipRow } from './skip-row';

const NUDGES_MIN = [-30, -5, 5, 30];

/** One step: done with its real time, grams and temperature, or moved to another hour. */
export function StepDialog(props: {
  sheet: StepSheet;
  nowMs: number;
  units: ShopUnits;
  actions: HandsActions;
  onClose: () => void;
}) {
  const { sheet, nowMs, units, actions, onClose } = props;
  const { run, busy, refused } = useAct(actions);
  const [batch] = useState(newBatch);
  const [at, setAt] = useState(toLocalText(nowMs, units.timeZone));
  const [moveTo, setMoveTo] = useState(toLocalText(sheet.atMs, units.timeZone));
  const [tempC, setTempC] = useState('');
  const [waterC, setWaterC] = useState(sheet.water === null ? '' : decimals(sheet.water.waterC, 0));
  const [count, setCount] = useState(sheet.count === null ? '' : String(sheet.count));
  const [grams, setGrams] = useState<Record<string, string>>(
    Object.fromEntries(sheet.lines.map((line) => [line.id, String(line.massG)])),
  );
  const done = (sure = false) =>
    run(
      () =>
        actions.doStep({
          stepId: sheet.stepId,
          batch,
          sure,
          at,
          grams,
          tempC: tempC === '' ? null : tempC,
          waterC: waterC === '' ? null : waterC,
          iceG: sheet.water?.iceG ?? null,
          count: count === '' ? null : count,
        }),
      () => tr`${sheet.title}: done ${at.slice(11)}.`,
      onClose,
    );
  const move = () =>
    run(
      () => actions.moveStep({ stepId: sheet.stepId, batch, at: moveTo }),
      () => tr`${sheet.title}: moved to ${moveTo.slice(11)}.`,
      onClose,
    );
  const nudge = (minutes: number) =>
    setMoveTo(
      toLocalText(fromLocalText(moveTo, units.timeZone) + minutes * 60_000, units.timeZone),
    );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="step-title">
      <DialogTitle id="step-title" sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <GlyphDisc name={sheet.glyph} size={36} />
        <Box component="span">
          <Typography component="span" variant="h2" sx={{ display: 'block' }}>
            {sheet.title}
          </Typography>
          <Typography component="span" variant="body2" color="text.secondary">
            {tr`planned ${clockText(sheet.atMs, units.timeZone)} · ${sheet.placeName}`}
          </Typography>
        </Box>
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {refused[''] === undefined ? null : <Alert severity="warning">{refused['']}</Alert>}
        <SureQuestion question={refused['sure']} busy={busy} onYes={() => done(true)} />
        {sheet.notes.map((note) => (
          <Typography key={note} variant="body2">
            {note}
          </Typography>
        ))}
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr 1fr' },
            gap: 2,
          }}
        >
          {sheet.lines.map((line) => (
            <FigureField
              key={line.id}
              label={line.label}
              of="mass"
              value={grams[line.id] ?? ''}
              onChange={(typed) => setGrams({ ...grams, [line.id]: typed })}
              error={refused[`grams.${line.id}`]}
            />
          ))}
          {sheet.count === null ? null : (
            <FigureField
              label={tr`Balls`}
              whole
              value={count}
              onChange={setCount}
              error={refused['count']}
            />
          )}
          {sheet.water === null ? null : (
            <FigureField
              label={tr`Water`}
              of="temperature"
              value={waterC}
              onChange={setWaterC}
              error={refused['waterC']}
              hint={waterText(sheet.water, units)}
            />
          )}
          {sheet.startC === null ? null : (
            <FigureField
              label={tr`Measured`}
              of="temperature"
              placeholder={String(sheet.startC)}
              value={tempC}
              onChange={setTempC}
              error={refused['tempC']}
              hint={tr`aimed at ${tempText(sheet.startC, units)}; teaches the mixer’s warmth`}
            />
          )}
        </Box>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap' }}>
          <Box sx={{ flex: '1 1 240px' }}>
            <WallTimeField label={tr`Done at`} value={at} onChange={setAt} error={refused['at']} />
          </Box>
          <Button variant="contained" size="large" onClick={() => done()} disabled={busy}>
            {tr`Done`}
          </Button>
        </Box>
        <Box
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'end',
            flexWrap: 'wrap',
            borderTop: '1px solid var(--line)',
            pt: 2,
          }}
        >
          <Box sx={{ flex: '1 1 220px' }}>
            <WallTimeField label={tr`Or move it to`} value={moveTo} onChange={setMoveTo} />
          </Box>
          {NUDGES_MIN.map((minutes) => (
            <Button key={minutes} size="small" onClick={() => nudge(minutes)}>
              {minutes > 0 ? `+${minutes}` : `−${-minutes}`}
            </Button>
          ))}
          <Button onClick={move} disabled={busy}>
            {tr`Move`}
          </Button>
        </Box>
        {sheet.bestMs === null ? null : (
          <Button
            size="small"
            onClick={() => setMoveTo(toLocalText(sheet.bestMs ?? nowMs, units.timeZone))}
          >
            {tr`Set to the leaven’s best, ${clockText(sheet.bestMs, units.timeZone)}`}
          </Button>
        )}
        <SkipRow
          busy={busy}
          wrong={refused['reason']}
          onSkip={(reason) =>
            run(
              () => actions.skipStep({ stepId: sheet.stepId, batch, reason }),
              () => tr`${sheet.title}: skipped.`,
              onClose,
            )
          }
        />
        {sheet.caution === null ? null : <CautionLine at={sheet.caution} />}
      </DialogContent>
      <DialogActions>
        <ToMixCard sheet={sheet} />
        <Button variant="text" onClick={onClose}>
          {tr`Close`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** A dough is weighed and mixed on a card of its own. */
function ToMixCard({ sheet }: { sheet: StepSheet }) {
  if (sheet.glyph !== 'mix' || sheet.startC === null) return null;
  return (
    <LinkButton
      href={`/mix/${encodeURIComponent(sheet.stepId)}`}
    >{tr`Open the mix card`}</LinkButton>
  );
}
