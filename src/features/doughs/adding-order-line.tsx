'use client';

import { tr } from '@/words/tr';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import ArrowDownward from '@mui/icons-material/ArrowDownward';
import ArrowUpward from '@mui/icons-material/ArrowUpward';
import DragIndicator from '@mui/icons-material/DragIndicator';
import Typography from '@mui/material/Typography';
import type { Added, Addition, Method } from '@/core/methods';
import { spanText } from '@/ui/format';

const NAMES: Readonly<Record<Added, string>> = {
  get water() {
    return tr`Water`;
  },
  get ice() {
    return tr`Ice`;
  },
  get yeast() {
    return tr`Yeast`;
  },
  get liquid() {
    return tr`Sugar and liquids`;
  },
  get leaven() {
    return tr`Leavens`;
  },
  get salt() {
    return tr`Salt`;
  },
  get flour() {
    return tr`Flour`;
  },
  get 'held back'() {
    return tr`Held-back water`;
  },
  get extra() {
    return tr`Seeds and the like`;
  },
  get oil() {
    return tr`Oil`;
  },
};

export function Line(props: {
  id: Addition;
  name: string;
  up: Addition | undefined;
  down: Addition | undefined;
  put: (key: Addition, over: Addition) => void;
}) {
  const { id, name, up, down, put } = props;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id,
  });
  return (
    <Box
      component="li"
      ref={setNodeRef}
      data-testid="addition"
      style={{ transform: CSS.Translate.toString(transform), transition }}
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 0.5,
        borderBottom: '1px solid var(--line)',
        background: 'var(--paper)',
        position: 'relative',
        zIndex: isDragging ? 2 : 0,
      }}
    >
      <IconButton
        {...attributes}
        {...listeners}
        aria-label={tr`Drag ${name}`}
        sx={{ cursor: 'grab', touchAction: 'none' }}
      >
        <DragIndicator fontSize="small" />
      </IconButton>
      <Typography sx={{ flex: 1, minWidth: 0 }}>{name}</Typography>
      <IconButton
        aria-label={tr`${name} earlier`}
        disabled={up === undefined}
        onClick={() => up !== undefined && put(id, up)}
      >
        <ArrowUpward fontSize="small" />
      </IconButton>
      <IconButton
        aria-label={tr`${name} later`}
        disabled={down === undefined}
        onClick={() => down !== undefined && put(id, down)}
      >
        <ArrowDownward fontSize="small" />
      </IconButton>
    </Box>
  );
}

export function nameOf(key: Addition, { mix }: Method): string {
  if (key === 'rest') return tr`Rest, ${spanText((mix.autolyse?.minutes ?? 0) * 60_000)}`;
  if (!key.startsWith('mix-')) return NAMES[key as Added];
  const step = mix.steps[Number(key.slice(4)) - 1];
  return step === undefined ? key : `${step.name}, ${spanText(step.minutes * 60_000)}`;
}

/** What a pantry calls a thing, by where it goes in. */
export const ADDED_AS: Readonly<Record<string, Added>> = {
  sugar: 'liquid',
  liquid: 'liquid',
  extra: 'extra',
  oil: 'oil',
};
