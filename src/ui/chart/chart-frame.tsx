import type { ReactNode } from 'react';

/** The picture of a chart, named for those who hear it. */
export function ChartFrame(props: {
  label: string;
  width: number;
  height: number;
  background?: string;
  children: ReactNode;
}) {
  const { label, width, height, background, children } = props;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      style={{ display: 'block', ...(background === undefined ? {} : { background }) }}
    >
      {children}
    </svg>
  );
}

/** The line that masses stand on. */
export function BaseLine({ y, width }: { y: number; width: number }) {
  return <line x1={0} x2={width} y1={y} y2={y} stroke="var(--ink)" strokeWidth={2} />;
}
