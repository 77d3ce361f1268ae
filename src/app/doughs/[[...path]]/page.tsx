import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { DoughsList } from '@/features/doughs/doughs-list';
import { stockView } from '@/server/stock/stock-view';
import { FloursView } from '@/features/doughs/flours-view';
import { MethodView } from '@/features/doughs/method-view';
import { RecipeCheck } from '@/features/doughs/recipe-check';
import { shopContext } from '@/server/context';
import { doughsView } from '@/server/doughs/view';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import {
  changeFlourAction,
  restoreVersionAction,
  retireFlourAction,
  retireMethodAction,
  saveMethodAction,
  takeMethodBakeAction,
  undoAction,
} from '../../actions';
import { segmentOf } from '../../segment';

export const metadata: Metadata = {
  get title() {
    return tr`Doughs`;
  },
};

type Props = { params: Promise<{ path?: string[] }> };

const actions = {
  undo: undoAction,
  takeBake: takeMethodBakeAction,
  saveMethod: saveMethodAction,
  restoreVersion: restoreVersionAction,
  retireMethod: retireMethodAction,
  changeFlour: changeFlourAction,
  retireFlour: retireFlourAction,
};
/** Words of an address that are no method’s id. */
const PAGES: Readonly<Record<string, string>> = {
  get check() {
    return tr`Recipe check`;
  },
  get flours() {
    return tr`Flours`;
  },
};

export default async function DoughsPage({ params }: Props) {
  await connection();
  const [first] = ((await params).path ?? []).map((part) => segmentOf(part));
  const page = first === undefined ? undefined : PAGES[first];
  const view = doughsView(shopContext(), page === undefined ? (first ?? null) : null);
  if (view === null) notFound();
  if (view.opened !== null) {
    const key = `${view.opened.id} ${view.opened.number}`;
    return <MethodView key={key} view={view} actions={actions} />;
  }
  const { nowMs, units } = view.facts;
  return (
    <ViewFrame
      title={page ?? tr`Doughs`}
      subtitle={page === undefined ? tr`what is in them, really` : tr`Doughs`}
      clock={clockText(nowMs, units.timeZone)}
    >
      {first === 'check' ? <RecipeCheck view={view} actions={actions} /> : null}
      {first === 'flours' ? (
        <FloursView view={view} stock={stockView(shopContext()).rows} actions={actions} />
      ) : null}
      {page === undefined ? <DoughsList view={view} /> : null}
    </ViewFrame>
  );
}
