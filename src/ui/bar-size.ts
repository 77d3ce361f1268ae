/** Width of the bar beside the view, and its height under it on a phone, px. */
export const BAR_WIDTH = 68;
export const BAR_HEIGHT = 60;

/** The height that the bar leaves a view. */
export const WHOLE_HEIGHT = { xs: `calc(100dvh - ${BAR_HEIGHT}px)`, sm: '100dvh' } as const;
