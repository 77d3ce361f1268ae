import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Plan } from '@/features/plan/plan';
import { shopContext } from '@/server/context';
import { planView } from '@/server/plan/view';
import {
  moveStepAction,
  pinStepAction,
  planFeedsAction,
  replanAction,
  setWishAction,
  skipDemandDayAction,
  splitDemandAction,
  stateDemandAction,
  takePlanAction,
  undoAction,
  withdrawBakeAction,
  withdrawDemandAction,
} from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`Plan`;
  },
};

const actions = {
  undo: undoAction,
  take: takePlanAction,
  planFeeds: planFeedsAction,
  replan: replanAction,
  splitDemand: splitDemandAction,
  stateDemand: stateDemandAction,
  withdrawDemand: withdrawDemandAction,
  withdrawBake: withdrawBakeAction,
  setWish: setWishAction,
  skipDemandDay: skipDemandDayAction,
  pin: pinStepAction,
  move: moveStepAction,
};

type Props = { searchParams: Promise<{ service?: string }> };

export default async function PlanPage({ searchParams }: Props) {
  await connection();
  const view = planView(shopContext());
  const { service } = await searchParams;
  return <Plan view={view} actions={actions} opened={service ?? null} />;
}
