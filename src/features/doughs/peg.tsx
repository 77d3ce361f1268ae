import { trOf } from '@/words/tr';

/** A peg: solid for what is held, hollow for what gives way. */
export function Peg({ state }: { state: 'held' | 'gives way' }) {
  return (
    <svg width={11} height={18} viewBox="0 0 11 18" role="img" aria-label={trOf(state)}>
      <circle
        cx={5.5}
        cy={5.5}
        r={4.5}
        fill={state === 'held' ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <path d="M5.500,10v7" stroke="var(--ink)" strokeWidth={1.8} />
    </svg>
  );
}
