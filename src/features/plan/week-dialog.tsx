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
import { useMemo } from 'react';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { useCompute } from '@/ui/compute/use-compute';
import { momentText } from '@/ui/format';
import type { PlanActions } from './plan-actions';
import { demandOfService } from './use-plan';
import { newId } from '@/ui/new-id';
import { refused, sentencesOf, type Outcome } from '@/shop/outcome';
import type { Ladder } from '@/shop/plan/ladder';
import { useSend } from '@/ui/hands/use-send';
import { backInTurn, inTurn, type InTurn } from './in-turn';

/** A service and what would be taken for it. */
interface Found {
  readonly service: WeekService;
  readonly ladder: Pick<Ladder, 'take'>;
}

/** Takes a plan; why it can not be taken names its service. */
async function takenFor(
  { service, ladder }: Found,
  actions: PlanActions,
): Promise<Outcome<{ batch: string }>> {
  const { demandId, date, name } = service;
  const outcome = await actions.take({ ...ladder.take, demandId, date, batch: newId() });
  return outcome.ok ? outcome : refused(null, `${name}: ${sentencesOf(outcome)}`);
}

const takenText = ({ all, why }: InTurn<unknown>): string =>
  tr`${all.length === 1 ? tr`1 plan` : tr`${all.length} plans`} taken.${why === '' ? '' : tr` Not the next: ${why}`}`;

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
  const { send, busy } = useSend('notice');
  const rows = services.map((service, index) => ({
    service,
    ladder: answer?.chosen[index]?.ladder ?? null,
  }));
  const found = rows.flatMap(({ service, ladder }) =>
    ladder === null ? [] : [{ service, ladder }],
  );
  const takeAll = () =>
    send(() => inTurn(found, (one) => takenFor(one, actions)), {
      said: takenText,
      undo: ({ all }) => backInTurn(all, ({ batch }) => actions.undo(batch)),
      then: onTaken,
    });
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
          disabled={busy || found.length === 0 || answer?.complete !== true}
          onClick={takeAll}
          data-testid="take-all"
        >
          {tr`Take ${found.length} of ${rows.length}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
