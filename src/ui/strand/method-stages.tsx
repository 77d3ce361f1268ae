import type { MethodPlan } from '@/core/planner';
import { StageStrip, type StageDisc } from './stage-strip';

/** The stages of a planned method on one line of time. */
export function MethodStages(props: {
  plan: MethodPlan;
  service: { readonly fromMs: number; readonly toMs: number };
  timeZone: string;
  width: number;
  /** Where the clock begins, for plans that lie under each other. */
  firstMs?: number;
}) {
  const { plan, service, timeZone, width, firstMs } = props;
  const built = plan.leavens.filter((one) => one.atMs !== null);
  const tempers = plan.steps
    .filter((step) => step.act.kind === 'move' && step.act.lotId.startsWith('pieces:'))
    .map((step, index): StageDisc => ({ glyph: 'move', atMs: step.atMs, quiet: index > 0 }));
  const soaks = plan.steps
    .filter(({ act }) => act.kind === 'soak')
    .map((step): StageDisc => ({ glyph: 'mix', atMs: step.atMs }));
  // Moments of the method’s own, and folds between: told in the lists, marked here.
  const others = plan.steps
    .filter(({ act }) => act.kind === 'do' || act.kind === 'work')
    .map((step): StageDisc => ({ glyph: 'move', atMs: step.atMs, quiet: true }));
  return (
    <StageStrip
      lots={[...built.map((one) => one.forecast), plan.dough, plan.balls]}
      windowed={[...built.slice(0, 1).map((one) => one.forecast), plan.balls]}
      discs={[
        ...plan.refreshments.map((one): StageDisc => ({ glyph: 'feed', atMs: one.atMs })),
        ...built.map((one): StageDisc => ({ glyph: 'feed', atMs: one.atMs ?? 0 })),
        ...soaks,
        { glyph: 'mix', atMs: plan.mixAtMs },
        { glyph: 'ball', atMs: plan.ballAtMs },
        ...tempers,
        ...others,
        { glyph: 'bake', atMs: service.fromMs },
      ]}
      service={service}
      timeZone={timeZone}
      width={width}
      {...(firstMs === undefined ? {} : { firstMs })}
    />
  );
}
