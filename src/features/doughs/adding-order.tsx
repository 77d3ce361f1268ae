'use client';

import { tr } from '@/words/tr';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import ArrowDownward from '@mui/icons-material/ArrowDownward';
import ArrowUpward from '@mui/icons-material/ArrowUpward';
import DragIndicator from '@mui/icons-material/DragIndicator';
import Typography from '@mui/material/Typography';
import type { Pantry } from '@/core/composition';
import { additionOrder, soakOf, type Added, type Addition, type Method } from '@/core/methods';
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

/** The order in which a method adds: dragged, or moved by its arrows; the mix card goes by it. */
export function AddingOrder(props: {
  method: Method;
  pantry: Pantry;
  set: (order: Addition[] | undefined) => void;
}) {
  const { method, pantry, set } = props;
  const order = orderOf(method);
  const shown = order.filter((key) => isIn(method, key, pantry));
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const put = (key: Addition, over: Addition) =>
    set(arrayMove(order, order.indexOf(key), order.indexOf(over)));
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over !== null && active.id !== over.id) put(active.id as Addition, over.id as Addition);
  };
  return (
    <Box role="group" aria-label={tr`Order of adding`} sx={{ mt: 1.5 }}>
      <Typography variant="h4" component="h4">
        {tr`Order of adding`}
      </Typography>
      <DndContext
        id="adding-order"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={dropped}
      >
        <SortableContext items={shown} strategy={verticalListSortingStrategy}>
          <Box component="ol" sx={{ listStyle: 'none', m: 0, mt: 0.5, p: 0 }}>
            {shown.map((key, index) => (
              <Line
                key={key}
                id={key}
                name={nameOf(key, method)}
                up={shown[index - 1]}
                down={shown[index + 1]}
                put={put}
              />
            ))}
          </Box>
        </SortableContext>
      </DndContext>
      {method.mix.order === undefined ? null : (
        <Button size="small" variant="text" sx={{ px: 0 }} onClick={() => set(undefined)}>
          {tr`As its schools have it`}
        </Button>
      )}
    </Box>
  );
}

const orderOf = ({ mix, schools }: Method) =>
  additionOrder({
    mix: { ...mix, rests: mix.autolyse !== null && soakOf(mix) === null },
    schools,
  });

function Line(props: {
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

function nameOf(key: Addition, { mix }: Method): string {
  if (key === 'rest') return tr`Rest, ${spanText((mix.autolyse?.minutes ?? 0) * 60_000)}`;
  if (!key.startsWith('mix-')) return NAMES[key as Added];
  const step = mix.steps[Number(key.slice(4)) - 1];
  return step === undefined ? key : `${step.name}, ${spanText(step.minutes * 60_000)}`;
}

/** What a pantry calls a thing, by where it goes in. */
const ADDED_AS: Readonly<Record<string, Added>> = {
  sugar: 'liquid',
  liquid: 'liquid',
  extra: 'extra',
  oil: 'oil',
};

/** True where a method has something for a place of the order; ice goes along with the water. */
function isIn({ dough, mix }: Method, key: Addition, pantry: Pantry): boolean {
  const added = dough.added.map(
    ({ ingredientId }) => ADDED_AS[pantry.get(ingredientId)?.kind ?? ''],
  );
  const has: Partial<Record<Addition, boolean>> = {
    ice: false,
    liquid: added.includes('liquid'),
    extra: added.includes('extra'),
    oil: dough.oilShare > 0 || added.includes('oil'),
    salt: dough.saltShare > 0,
    leaven: dough.leavens.length > 0,
    'held back': mix.heldBackShare > 0,
  };
  return has[key] ?? true;
}
