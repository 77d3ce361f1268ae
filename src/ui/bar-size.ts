/** Width of the bar beside the view, and its height under it on a phone, px. */
export const BAR_WIDTH = 68;
export const BAR_HEIGHT = 60;

/** The height that the bar leaves a view, and what is said over it. */
export const WHOLE_HEIGHT = {
  xs: `calc(100dvh - ${BAR_HEIGHT}px)`,
  sm: 'calc(100dvh - var(--over-view, 0px))',
} as const;
