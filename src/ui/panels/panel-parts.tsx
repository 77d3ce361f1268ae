'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { GlyphDisc } from '../marks/glyphs';
import { rem } from '../rem';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { useShopUnits } from '../fields/shop-units';
import { massText, NO_BREAK, splitUnit } from '../format';

/** The head of a panel: what it is about, in one line what comes of it. */
export function PanelHead(props: { title: string; children?: ReactNode }) {
  return (
    <Box sx={{ px: 2, pt: 1.5, pb: 0.5 }}>
      <Typography variant="h2">{props.title}</Typography>
      {props.children === undefined ? null : <Typography>{props.children}</Typography>}
    </Box>
  );
}

/** The refusal of a panel: what is wrong and what is allowed. */
export function PanelRefusal({ sentence }: { sentence: string | null }) {
  const units = useShopUnits();
  return sentence === null ? null : (
    <Alert severity="warning" data-testid="refusal" sx={{ mx: 2 }}>
      {sentenceInUnits(sentence, units)}
    </Alert>
  );
}

/** The found figure at arm’s length, what comes of it in words, and the act by it. */
export function Finding(props: {
  figure: string;
  testId?: string;
  act?: ReactNode;
  children: ReactNode;
}) {
  const { figure, testId, act, children } = props;
  return (
    <Box
      sx={{
        px: 2,
        py: 0.5,
        display: 'flex',
        flexWrap: { xs: 'wrap', md: 'nowrap' },
        columnGap: 3,
        rowGap: 1,
        alignItems: 'center',
      }}
    >
      <Box
        aria-live="polite"
        sx={{
          flex: { xs: '1 1 100%', md: 1 },
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 3,
          alignItems: 'center',
        }}
      >
        <Typography
          component="p"
          data-testid={testId ?? 'found'}
          sx={{ fontSize: rem(42), fontWeight: 700, lineHeight: 1.1, whiteSpace: 'nowrap' }}
        >
          {figure}
        </Typography>
        <Typography component="div" sx={{ flex: '1 1 18rem' }}>
          {children}
        </Typography>
      </Box>
      {act}
    </Box>
  );
}

/** The one large act of a panel. */
export function ActButton(props: {
  title: string;
  under: string;
  glyph: Parameters<typeof GlyphDisc>[0]['name'];
  disabled: boolean;
  onAct: () => void;
}) {
  const { title, under, glyph, disabled, onAct } = props;
  return (
    <Button
      variant="contained"
      onClick={onAct}
      disabled={disabled}
      sx={{
        flex: 'none',
        justifySelf: 'end',
        minWidth: 190,
        textAlign: 'left',
        display: 'block',
        px: 1.5,
        py: 1,
        '--disc': 'var(--paper)',
        '--disc-mark': 'var(--ink)',
      }}
    >
      <Box component="span" sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <GlyphDisc name={glyph} size={30} />
        <Box component="span" className="name" sx={{ fontSize: rem(20) }}>
          {title}
        </Box>
      </Box>
      <Box component="span" sx={{ display: 'block', fontSize: rem(14), fontWeight: 400, mt: 0.5 }}>
        {under}
      </Box>
    </Button>
  );
}

/** Fields of a panel beside each other. */
export function FieldRow({ children, columns = 5 }: { children: ReactNode; columns?: number }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', md: `repeat(${columns}, minmax(0, 1fr))` },
        gap: 1.5,
        px: 2,
        py: 1,
        alignItems: 'start',
      }}
    >
      {children}
    </Box>
  );
}

/** The flours of a mix to read at arm’s length. */
export function FlourLines(props: {
  lines: readonly { readonly ingredientId: string; readonly massG: number }[];
  flours: readonly { readonly id: string; readonly name: string }[];
}) {
  return props.lines.map(({ ingredientId, massG }) => (
    <WeightLine
      key={ingredientId}
      name={props.flours.find((one) => one.id === ingredientId)?.name ?? ingredientId}
      massG={massG}
    />
  ));
}

/** A weight to read at arm’s length, in the shop’s unit; a note that has no room beside it stands below. */
export function WeightLine(props: { name: string; massG: number; children?: ReactNode }) {
  const { name, massG, children } = props;
  const units = useShopUnits();
  const [digits, unit] = splitUnit(massText(massG, units));
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
      <Typography className="name" noWrap sx={{ fontSize: rem(18), width: '7.5rem' }}>
        {name}
      </Typography>
      <Typography
        noWrap
        sx={{
          fontSize: rem(32),
          fontWeight: 700,
          textAlign: 'right',
          lineHeight: 1.08,
          width: units.massUnit === 'oz' ? '9rem' : '6.5rem',
          ml: -1.5,
        }}
      >
        {digits}
        <Box component="span" sx={{ fontSize: rem(17), fontWeight: 400 }}>
          {NO_BREAK}
          {unit}
        </Box>
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {children}
      </Typography>
    </Box>
  );
}
