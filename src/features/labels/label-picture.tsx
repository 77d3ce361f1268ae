import type { LabelContent } from '@/services/labels/label';
import type { LabelSize } from '@/services/labels/sizes';
import type { QrSquares } from '@/services/labels/qr';

/** A label as it will stand on paper, drawn in millimetres. */
export function LabelPicture(props: { content: LabelContent; size: LabelSize; qr: QrSquares }) {
  const { content, size, qr } = props;
  const unit = Math.min(1, size.height / 40);
  const side = Math.min(20, size.height * 0.46);
  const margin = 2.5;
  const step = side / qr.size;
  const lineMm = 2.7 * unit;
  const firstY = margin + 4.2 * unit;
  const rows = content.lines
    .map((line, index) => ({
      line,
      y: firstY + 4.6 * unit + 1 + (index + 1) * (lineMm + 0.75 * unit),
    }))
    .filter((row) => row.y <= size.height - margin - 3 * unit);
  return (
    <svg
      viewBox={`0 0 ${size.width} ${size.height}`}
      role="img"
      aria-label={`Label of ${content.name}, ${content.code}`}
      style={{
        background: '#fff',
        display: 'block',
        width: '100%',
        maxWidth: `${size.width * 1.6}mm`,
        border: '1px solid var(--line)',
      }}
    >
      <g fill="#000" fontFamily="inherit">
        <text x={margin} y={firstY} fontSize={4.4 * unit} fontWeight={700}>
          {content.name}
        </text>
        <text x={margin} y={firstY + 4.6 * unit} fontSize={3.8 * unit} fontWeight={700}>
          {content.code}
        </text>
        {rows.map(({ line, y }) => (
          <text key={line.what} x={margin} y={y} fontSize={lineMm}>
            {line.what} {line.says}
          </text>
        ))}
        <text x={margin} y={size.height - margin} fontSize={2.5 * unit} fontWeight={700}>
          {content.does}
        </text>
        {qr.dark.map((dark, index) =>
          dark ? (
            <rect
              key={index}
              x={size.width - margin - side + (index % qr.size) * step}
              y={margin + Math.floor(index / qr.size) * step}
              width={step * 1.02}
              height={step * 1.02}
            />
          ) : null,
        )}
      </g>
    </svg>
  );
}
