/** A chance as ten grains: a full one for each tenth, a part of one for the rest. */
export function Grains({ share }: { share: number }) {
  const tenths = share * 10;
  return (
    <svg width={112} height={12} viewBox="0 0 112 12" aria-hidden="true">
      {Array.from({ length: 10 }, (_, i) => {
        const filled = Math.min(1, Math.max(0, tenths - i));
        const x = 6 + i * 11.2;
        return (
          <g key={i}>
            <circle cx={x} cy={6} r={4.6} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
            {filled <= 0 ? null : <path d={partOf(x, filled)} fill="var(--ink)" />}
          </g>
        );
      })}
    </svg>
  );
}

/** A disc filled from the left. */
function partOf(x: number, share: number): string {
  const r = 4.6;
  if (share >= 0.98) return `M${x - r} 6a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;
  const at = Math.acos(1 - 2 * share);
  const dx = -r * Math.cos(at);
  const dy = r * Math.sin(at);
  return `M${x + dx} ${6 - dy}A${r} ${r} 0 ${share > 0.5 ? 1 : 0} 0 ${x + dx} ${6 + dy}z`;
}
