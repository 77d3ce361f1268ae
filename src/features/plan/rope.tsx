/** A rope with a loose end for each condition, tied where they stand in each other’s way. */
export function Rope({ tied, lines }: { tied: boolean; lines: number }) {
  if (!tied) {
    return (
      <svg
        width="100%"
        height={44}
        viewBox="0 0 226 44"
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        <path
          d="M0 24c50-22 76 18 116 4s70-16 110-2"
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.4}
        />
      </svg>
    );
  }
  const height = Math.max(1, lines) * 26;
  const middle = height / 2;
  return (
    <svg width={44} height={height} viewBox={`0 0 44 ${height}`} aria-hidden="true">
      <g fill="none" stroke="var(--ink)" strokeWidth={2.4}>
        <path d={`M0 ${middle - 8}c8 0 10 18 18 14s2-18-6-14 0 20 12 10`} />
        {Array.from({ length: lines }, (_, i) => (
          <path key={i} d={`M22 ${middle}C34 ${middle} 28 ${13 + i * 26} 44 ${13 + i * 26}`} />
        ))}
      </g>
    </svg>
  );
}
