'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useRef, useState } from 'react';
import { fromLocalText, toLocalText, type ShopUnits } from '@/core/units';
import type { Ladder, Rung } from '@/shop/plan/ladder';
import { WallTimeField } from '@/ui/fields/wall-time-field';
import { clockText } from '@/ui/format';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { WhyPopover } from '@/ui/panels/why-hour';
import type { LadderClock } from './ladder-clock';

const HIGH = 30;
/** A finger that moved less than this has tapped, px. */
const TAP_PX = 5;
/** Dragged hours are whole ones of so many minutes. */
const STEP_MS = 5 * 60_000;

/** What a drag does, and the hour that it is at. */
interface Dragged {
  readonly rung: Rung;
  readonly fromY: number;
  readonly atMs: number;
  readonly moved: boolean;
}

/** Over the hours of a ladder: tapped each says why it is there; what is done by hand is dragged or typed to another hour. */
export function RungHours(props: {
  ladder: Ladder;
  clock: LadderClock;
  units: ShopUnits;
  /** Hours from here on are told in one line under the bake. */
  readyFromMs: number;
  onHold: (of: NonNullable<Rung['holds']>, atMs: number) => void;
}) {
  const { ladder, clock, units, readyFromMs, onHold } = props;
  const [asked, setAsked] = useState<{ rung: Rung; anchor: HTMLElement } | null>(null);
  const [dragged, setDragged] = useState<Dragged | null>(null);
  // The click that ends a drag asks for nothing.
  const justDragged = useRef(false);
  const told = ladder.rungs.filter(
    (one) => (one.why.length > 0 || one.holds !== null) && one.atMs < readyFromMs,
  );
  const atOf = (rung: Rung, byY: number) =>
    Math.round(clock.at(clock.y(rung.atMs) + byY) / STEP_MS) * STEP_MS;
  const dropped = () => {
    justDragged.current = dragged?.moved === true;
    setDragged(null);
    if (dragged === null || !dragged.moved || dragged.rung.holds === null) return;
    if (dragged.atMs !== dragged.rung.atMs) onHold(dragged.rung.holds, dragged.atMs);
  };
  return (
    <>
      {told.map((rung) => (
        <ButtonBase
          key={`${rung.atMs} ${rung.title}`}
          aria-label={tr`${ladder.name}, ${clockText(rung.atMs, units.timeZone)} ${sentenceInUnits(rung.title, units)}: why this hour${rung.holds === null ? '' : tr`, or another`}`}
          onClick={({ currentTarget }) => {
            if (!justDragged.current) setAsked({ rung, anchor: currentTarget });
            justDragged.current = false;
          }}
          onPointerDown={(event) => {
            if (rung.holds === null || event.button !== 0) return;
            event.currentTarget.setPointerCapture(event.pointerId);
            setDragged({ rung, fromY: event.clientY, atMs: rung.atMs, moved: false });
          }}
          onPointerMove={(event) => {
            if (dragged === null || dragged.rung !== rung) return;
            const byY = event.clientY - dragged.fromY;
            const moved = dragged.moved || Math.abs(byY) > TAP_PX;
            setDragged({ ...dragged, moved, atMs: moved ? atOf(rung, byY) : rung.atMs });
          }}
          onPointerUp={dropped}
          onPointerCancel={() => setDragged(null)}
          sx={{
            position: 'absolute',
            left: 2,
            right: 2,
            top: clock.y(rung.atMs) - HIGH / 2,
            height: HIGH,
            borderRadius: '6px',
            ...(rung.holds === null ? {} : { cursor: 'ns-resize', touchAction: 'none' }),
            '&:hover': { boxShadow: 'inset 0 0 0 1.5px var(--edge2)' },
          }}
        />
      ))}
      {dragged?.moved === true ? (
        <Ghost y={clock.y(dragged.atMs)} hour={clockText(dragged.atMs, units.timeZone)} />
      ) : null}
      <WhyPopover
        reasons={asked?.rung.why ?? []}
        units={units}
        anchor={asked?.anchor ?? null}
        onClose={() => setAsked(null)}
        foot={
          asked === null || asked.rung.holds === null ? null : (
            <OtherHour
              rung={asked.rung}
              units={units}
              onHour={(atMs) => {
                setAsked(null);
                if (asked.rung.holds !== null) onHold(asked.rung.holds, atMs);
              }}
            />
          )
        }
      />
    </>
  );
}

/** The hour under the finger. */
function Ghost({ y, hour }: { y: number; hour: string }) {
  return (
    <Box
      aria-hidden="true"
      sx={{
        position: 'absolute',
        left: 0,
        right: 0,
        top: y - 12,
        borderTop: '2px dashed var(--ink)',
        pointerEvents: 'none',
      }}
    >
      <Box component="b" sx={{ px: 0.75, background: 'var(--ink)', color: 'var(--paper)' }}>
        {hour}
      </Box>
    </Box>
  );
}

/** The hour typed instead. */
function OtherHour(props: { rung: Rung; units: ShopUnits; onHour: (atMs: number) => void }) {
  const { rung, units, onHour } = props;
  const before = toLocalText(rung.atMs, units.timeZone);
  const [typed, setTyped] = useState(before);
  const [wrong, setWrong] = useState<string | null>(null);
  const hold = () => {
    try {
      onHour(fromLocalText(typed, units.timeZone));
    } catch {
      setWrong(tr`“${typed}” is no day and hour. Allowed: such as ${before.replace('T', ' ')}.`);
    }
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        hold();
      }}
      sx={{ display: 'flex', gap: 1, alignItems: 'end', mt: 1.5 }}
    >
      <WallTimeField
        label={tr`Another hour`}
        name="held-hour"
        value={typed}
        onChange={setTyped}
        {...(wrong === null ? {} : { error: wrong })}
      />
      <Button
        type="submit"
        size="small"
        disabled={typed === before}
        sx={{ flex: 'none', whiteSpace: 'nowrap' }}
      >
        {tr`Hold it`}
      </Button>
    </Box>
  );
}
