'use client';

import { tr } from '@/words/tr';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import LinearProgress from '@mui/material/LinearProgress';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { useMemo, useTransition } from 'react';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { useCompute } from '@/ui/compute/use-compute';
import { momentText } from '@/ui/format';
import { useSay } from '@/ui/snack';
import type { PlanActions } from './plan-actions';
import { demandOfService } from './use-plan';
import { newId } from '@/ui/new-id';
import { sentencesOf } from '@/shop/outcome';

/** All open services planned together: what would be taken for each, as it is found, and one tap that takes them all. */
export function WeekDialog(props: {
  view: PlanView;
  services: readonly WeekService[];
  actions: PlanActions;
  onClose: () => void;
  onTaken: () => void;
}) {
  const { view, services, actions, onClose, onTaken } = props;
  const asks = useMemo(
    () => ({
      demands: services.flatMap(({ asked }) =>
        asked === null ? [] : [demandOfService(view, asked)],
      ),
      facts: view.facts,
    }),
    [view, services],
  );
  const { answer, busy: searching, share, stop } = useCompute('week', asks);
  const [busy, start] = useTransition();
  const say = useSay();
  const rows = services.map((service, index) => ({
    service,
    ladder: answer?.chosen[index]?.ladder ?? null,
  }));
  const takeAll = () =>
    start(async () => {
      for (const { service, ladder } of rows) {
        if (ladder === null) continue;
        const outcome = await actions.take({
          ...ladder.take,
          demandId: service.demandId,
          date: service.date,
          batch: newId(),
        });
        if (!outcome.ok) {
          say({
            text: `${service.name}: ${sentencesOf(outcome)}`,
          });
          break;
        }
      }
      onTaken();
    });
  const found = rows.filter((one) => one.ladder !== null).length;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="week-title">
      <DialogTitle id="week-title">{tr`All open services together`}</DialogTitle>
      <DialogContent>
        {searching ? (
          <LinearProgress
            variant="determinate"
            value={100 * (share ?? 0)}
            aria-label={tr`Services looked through`}
          />
        ) : null}
        <Table size="small" aria-label={tr`Plans`}>
          <TableBody>
            {rows.map(({ service, ladder }) => (
              <TableRow key={service.key}>
                <TableCell>
                  {momentText(service.fromMs, view.nowMs, view.units.timeZone)}, {service.name}
                </TableCell>
                <TableCell>
                  {ladder === null
                    ? searching
                      ? '…'
                      : tr`nothing fits: look at it alone`
                    : tr`${ladder.name}, from ${momentText(ladder.rungs[0]?.atMs ?? service.fromMs, view.nowMs, view.units.timeZone)}`}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        {searching ? <Button onClick={stop}>{tr`Stop`}</Button> : null}
        <Button variant="text" onClick={onClose}>
          {tr`Cancel`}
        </Button>
        <Button
          variant="contained"
          disabled={busy || found === 0 || answer?.complete !== true}
          onClick={takeAll}
          data-testid="take-all"
        >
          {tr`Take ${found} of ${rows.length}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
