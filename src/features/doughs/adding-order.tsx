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
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Pantry } from '@/core/composition';
import { additionOrder, soakOf, type Addition, type Method } from '@/core/methods';
import { Line, nameOf, ADDED_AS } from './adding-order-line';

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
        <Lines shown={shown} method={method} onPut={put} />
      </DndContext>
      {method.mix.order === undefined ? null : (
        <Button size="small" variant="text" sx={{ px: 0 }} onClick={() => set(undefined)}>
          {tr`As its schools have it`}
        </Button>
      )}
    </Box>
  );
}

function Lines({
  shown,
  method,
  onPut,
}: {
  shown: Addition[];
  method: Method;
  onPut: (key: Addition, over: Addition) => void;
}) {
  return (
    <SortableContext items={shown} strategy={verticalListSortingStrategy}>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, mt: 0.5, p: 0 }}>
        {shown.map((key, index) => (
          <Line
            key={key}
            id={key}
            name={nameOf(key, method)}
            up={shown[index - 1]}
            down={shown[index + 1]}
            put={onPut}
          />
        ))}
      </Box>
    </SortableContext>
  );
}

const orderOf = ({ mix, schools }: Method) =>
  additionOrder({
    mix: { ...mix, rests: mix.autolyse !== null && soakOf(mix) === null },
    schools,
  });

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
