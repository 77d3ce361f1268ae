'use client';

/** What may go with a notice beside its line on the page. */
export type NoticePreference = 'sound' | 'system';

const key = (which: NoticePreference) => `olvik-notice-${which}`;

/** Whether this device was told to. */
export function preference(which: NoticePreference): boolean {
  return window.localStorage.getItem(key(which)) === 'on';
}

/**
 * Sets a preference of this device; a system notice asks the browser for leave first.
 * @returns what it is now
 */
export async function setPreference(which: NoticePreference, on: boolean): Promise<boolean> {
  let granted = on;
  if (which === 'system' && on) {
    granted = 'Notification' in window && (await Notification.requestPermission()) === 'granted';
  }
  window.localStorage.setItem(key(which), granted ? 'on' : 'off');
  if (which === 'sound' && granted) chime();
  return granted;
}

/** Two soft tones, made in the browser. */
export function chime(): void {
  const context = new AudioContext();
  [523, 659].forEach((frequency, index) => {
    const tone = context.createOscillator();
    const volume = context.createGain();
    const from = context.currentTime + index * 0.22;
    tone.frequency.value = frequency;
    volume.gain.setValueAtTime(0, from);
    volume.gain.linearRampToValueAtTime(0.12, from + 0.03);
    volume.gain.exponentialRampToValueAtTime(0.001, from + 0.6);
    tone.connect(volume).connect(context.destination);
    tone.start(from);
    tone.stop(from + 0.65);
  });
  setTimeout(() => void context.close(), 1500);
}

/** A notice of the operating system, where the baker allowed it. */
export function systemNotice(text: string): void {
  if (!('Notification' in window) || Notification.permission !== 'granted') return;
  new Notification('Olvik', { body: text, tag: text });
}
