import { language, speakWith, type Language } from './speaker';

const CATALOGUES = {
  it: () => import('./catalogue/it.json'),
  de: () => import('./catalogue/de.json'),
};

let learning: { readonly language: Language; readonly done: Promise<void> } | null = null;

/** Null where this page or worker speaks so already; else the promise that it will, once its catalogue is there. */
export function learn(wanted: Language): Promise<void> | null {
  if (wanted === language()) return null;
  if (learning?.language !== wanted) learning = { language: wanted, done: learnt(wanted) };
  return learning.done;
}

async function learnt(wanted: Language): Promise<void> {
  if (wanted === 'en') {
    speakWith(null);
    return;
  }
  const [{ taught }, { default: catalogue }] = await Promise.all([
    import('./teach'),
    CATALOGUES[wanted](),
  ]);
  speakWith(taught(wanted, catalogue));
}
