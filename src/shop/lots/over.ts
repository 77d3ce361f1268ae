/** A form laid over what is stored: what the page did not send stays as it is. */
export function over(stored: object | null, form: unknown): unknown {
  if (stored === null || typeof form !== 'object' || form === null) return form;
  const sent = Object.entries(form).filter(([, value]) => value !== undefined);
  return { ...stored, ...Object.fromEntries(sent) };
}

/** What a form says it was opened with; undefined where it says nothing. */
export function seenOf(form: unknown): unknown {
  return typeof form === 'object' && form !== null && 'seen' in form ? form.seen : undefined;
}
