import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { CulturesView } from '@/services/cultures/view';
import { massText, momentText } from '@/ui/format';
import { rem } from '@/ui/rem';

interface CultureTell {
  readonly ask: string;
  readonly says: string;
  readonly detail: string;
}

/** What the cultures say at a glance. */
export function culturesTells(view: CulturesView): CultureTell[] {
  return [ripeTell(view), feedTell(view), chainTell(view), discardTell(view), backUpTell(view)];
}

const atIn = (view: CulturesView) => (ms: number) =>
  momentText(ms, view.nowMs, view.units.timeZone);

function ripeTell(view: CulturesView): CultureTell {
  const ripe = view.starters.find((row) => row.ripeness === 'ripe');
  if (ripe === undefined) return { ask: 'Ripe now', says: 'None', detail: 'nothing to take from' };
  const detail = ripe.closesMs === null ? 'until used' : `until ${atIn(view)(ripe.closesMs)}`;
  return { ask: 'Ripe now', says: ripe.culture.name, detail };
}

function feedTell(view: CulturesView): CultureTell {
  const { starters, nowMs } = view;
  const [next] = starters
    .flatMap((row) => (row.due === null ? [] : [{ row, due: row.due }]))
    .sort((a, b) => a.due.atMs - b.due.atMs);
  if (next === undefined) return { ask: 'Feed next', says: 'None', detail: 'no starter yet' };
  const { name } = next.row.culture;
  return {
    ask: 'Feed next',
    says: next.due.atMs <= nowMs ? `${name}, now` : name,
    detail: `${next.due.planned ? 'planned' : 'by its rhythm'} ${atIn(view)(next.due.atMs)}`,
  };
}

function chainTell(view: CulturesView): CultureTell {
  const [chain] = view.chains;
  if (chain === undefined) return { ask: 'Carry-over', says: 'None', detail: 'no dough kept' };
  const detail = chain.endsMs === null ? 'nothing left' : `keeps to ${atIn(view)(chain.endsMs)}`;
  return { ask: 'Carry-over', says: chain.culture.name, detail };
}

function discardTell({ discards, units }: CulturesView): CultureTell {
  const [jar] = discards;
  if (jar === undefined) return { ask: 'Discard', says: 'None kept', detail: 'thrown away' };
  const { limitG, name } = jar.culture;
  const detail = limitG === null ? name : `of ${massText(limitG, units)} in ${name}`;
  return { ask: 'Discard', says: massText(jar.nowG, units), detail };
}

function backUpTell({ frozen }: CulturesView): CultureTell {
  const bags = frozen.filter((row) => row.cultureName !== null);
  const ask = 'Back-up frozen';
  if (bags.length === 0) return { ask, says: 'None', detail: 'nothing to start again from' };
  const oldest = Math.max(...bags.map((row) => row.days));
  return {
    ask,
    says: `${bags.length} ${bags.length === 1 ? 'bag' : 'bags'}`,
    detail: `oldest ${oldest} days`,
  };
}

/** The tells of the header. */
export function CulturesTells({ view }: { view: CulturesView }) {
  return (
    <Box
      component="ul"
      sx={{
        flex: { xs: '1 0 100%', md: 1 },
        minWidth: 0,
        m: 0,
        p: 0,
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(5, minmax(0, 1fr))' },
      }}
    >
      {culturesTells(view).map((tell) => (
        <Box
          component="li"
          key={tell.ask}
          sx={{ borderLeft: '2px solid var(--line)', px: 1.25, minWidth: 0 }}
        >
          <Typography variant="caption" component="p" color="text.secondary">
            {tell.ask}
          </Typography>
          <Typography className="name" noWrap sx={{ fontSize: rem(20), lineHeight: 1.15 }}>
            {tell.says}
          </Typography>
          <Typography variant="caption" component="p" noWrap>
            {tell.detail}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
