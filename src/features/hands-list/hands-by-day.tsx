import { tr } from '@/words/tr';
import type { HandsList, HandsMoment } from '@/shop/hands/hands-list';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';

import { clockText, dateText, massText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { WhoseHands, type AssignStep } from './whose-hands';
import { PrintButton } from '@/ui/print-button';
import { isForHands } from '@/shop/hands/for-hands';
import { TableHeads } from '@/ui/table-heads';

/** What the hands do next, a table for each day, for everybody or one person; to print, and as files. */
export function HandsByDay(props: {
  list: HandsList;
  who: string | null;
  /** Says whose hands a step is for. */
  assign: AssignStep;
}) {
  const { list, who, assign } = props;
  const shown = list.moments.filter((one) => isForHands(who, one.who));
  const days = [...new Set(shown.map((one) => dateText(one.atMs, list.units.timeZone)))];
  return (
    <Box
      className="print-sheet"
      sx={{ background: 'var(--paper)', flex: 1, p: 2, position: 'relative' }}
    >
      <PrintButton what={tr`the hands`} />
      <Whose who={who} list={list} />
      {days.length === 0 ? (
        <Typography>{tr`Nothing is planned. Take a plan of a service under Plan first.`}</Typography>
      ) : null}
      {days.map((day) => (
        <DayTable
          key={day}
          day={day}
          list={list}
          assign={assign}
          moments={shown.filter((one) => dateText(one.atMs, list.units.timeZone) === day)}
        />
      ))}
    </Box>
  );
}

/** Whose list is shown. */
function Whose({ who, list }: { who: string | null; list: HandsList }) {
  return (
    <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 2 }}>
      <LinkButton href="/hands?who=" variant={who === null ? 'contained' : 'outlined'} size="small">
        {tr`Everybody`}
      </LinkButton>
      {list.people.map((one) => (
        <LinkButton
          key={one}
          href={`/hands?who=${encodeURIComponent(one)}`}
          variant={who === one ? 'contained' : 'outlined'}
          size="small"
        >
          {one}
        </LinkButton>
      ))}
      <Button href="/hands/hands.ics" size="small" data-testid="ics">
        {tr`Calendar file`}
      </Button>
      <Button href="/hands/hands.csv" size="small">
        {tr`CSV`}
      </Button>
    </Box>
  );
}

function DayTable(props: {
  day: string;
  list: HandsList;
  assign: AssignStep;
  moments: readonly HandsMoment[];
}) {
  const { day, list, assign, moments } = props;
  return (
    <Box component="section" sx={{ mb: 3, overflowX: 'auto' }}>
      <Typography variant="h2">{day}</Typography>
      <Table size="small" aria-label={day}>
        <TableHeads of={[tr`When`, tr`Who`, tr`What`, tr`Grams`, tr`Where`]} />
        <TableBody>
          {moments.map((one) => (
            <MomentLine key={one.stepId} one={one} list={list} onAssign={assign} />
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

function MomentLine({
  one,
  list,
  onAssign,
}: {
  one: HandsMoment;
  list: HandsList;
  onAssign: AssignStep;
}) {
  const { units } = list;
  return (
    <TableRow>
      <TableCell sx={{ whiteSpace: 'nowrap' }}>
        <b>{clockText(one.atMs, units.timeZone)}</b>–{clockText(one.toMs, units.timeZone)}
      </TableCell>
      <TableCell>
        <WhoseHands moment={one} people={list.people} assign={onAssign} />
      </TableCell>
      <TableCell>{one.title}</TableCell>
      <TableCell>
        {one.lines
          .map((line) =>
            line.massG === undefined
              ? `${line.label} ${line.text ?? ''}`
              : `${line.label} ${massText(line.massG, units)}`,
          )
          .join(', ')}
      </TableCell>
      <TableCell>{one.place}</TableCell>
    </TableRow>
  );
}
