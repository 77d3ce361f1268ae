import { tr } from '@/words/tr';
import type { LabelContent } from '@/server/labels/label';
import { guessWidth, labelLayout, type LabelLayout } from '@/shop/labels/layout';
import type { QrSquares } from '@/shop/labels/qr';
import type { LabelSize } from '@/shop/labels/sizes';

/** How much larger than on paper the label stands on the page. */
const SHOWN_LARGER = 2.4;

/** A label as it will stand on paper, drawn in millimetres. */
export function LabelPicture(props: { content: LabelContent; size: LabelSize; qr: QrSquares }) {
  const { content, size, qr } = props;
  const layout = labelLayout(content, size, guessWidth);
  const step = layout.qr.side / qr.size;
  return (
    <svg
      viewBox={`0 0 ${size.width} ${size.height}`}
      role="img"
      aria-label={tr`Label of ${content.name}, ${content.code}`}
      style={{
        background: '#fff',
        display: 'block',
        width: '100%',
        maxWidth: `${size.width * SHOWN_LARGER}mm`,
        border: '1px solid var(--line)',
      }}
    >
      <Marks layout={layout} qr={qr} step={step} />
    </svg>
  );
}

function Marks({ layout, qr, step }: { layout: LabelLayout; qr: QrSquares; step: number }) {
  return (
    <g fill="#000" fontFamily="inherit">
      {layout.lines.map((line) => (
        <text
          key={line.y}
          x={line.x}
          y={line.y}
          fontSize={line.mm}
          fontWeight={line.bold ? 700 : 400}
        >
          {line.text}
        </text>
      ))}
      {qr.dark.map((dark, index) =>
        dark ? (
          <rect
            key={index}
            x={layout.qr.x + (index % qr.size) * step}
            y={layout.qr.y + Math.floor(index / qr.size) * step}
            width={step * 1.02}
            height={step * 1.02}
          />
        ) : null,
      )}
    </g>
  );
}
