'use client';

import { tr, trOf } from '@/words/tr';
import MenuBookOutlined from '@mui/icons-material/MenuBookOutlined';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import IconButton from '@mui/material/IconButton';
import dynamic from 'next/dynamic';
import { useEffect, useState, type ReactNode } from 'react';

// The words come when they are first asked for: no view waits for them.
const WordsDrawer = dynamic(() => import('./words-drawer').then((one) => one.WordsDrawer), {
  ssr: false,
});

const saysWords = () => tr`What the words here mean`;

/** For ears only. */
const ONLY_SAID = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  clipPath: 'inset(50%)',
  whiteSpace: 'nowrap',
} as const;

/** A view that is still being worked out gains words: what is open is read anew so often. */
const READ_ANEW_MS = 1000;

/** One tap to the meaning of every word of the trade that the view shows; what is given is the thing tapped, else a book. */
export function WordsHere({ children }: { children?: ReactNode }) {
  const [text, setText] = useState<string | null>(null);
  const [asked, setAsked] = useState(false);
  const isOpen = text !== null;
  useEffect(() => {
    if (!isOpen) return undefined;
    const timer = setInterval(() => setText(textOfView()), READ_ANEW_MS);
    return () => clearInterval(timer);
  }, [isOpen]);
  const open = () => {
    setAsked(true);
    setText(textOfView());
  };
  return (
    <>
      {children === undefined ? (
        <IconButton
          className="no-print"
          aria-label={trOf(saysWords())}
          title={trOf(saysWords())}
          aria-haspopup="dialog"
          onClick={open}
          data-testid="words-here"
          sx={{ width: 44, height: 44, color: 'var(--ink)', flex: 'none' }}
        >
          <MenuBookOutlined />
        </IconButton>
      ) : (
        <ButtonBase
          title={trOf(saysWords())}
          aria-haspopup="dialog"
          onClick={open}
          data-testid="words-here"
          sx={{
            borderRadius: '8px',
            p: 0.5,
            minHeight: 44,
            textAlign: 'left',
            font: 'inherit',
            color: 'inherit',
          }}
        >
          {children}
          <Box component="span" sx={ONLY_SAID}>
            {trOf(saysWords())}
          </Box>
        </ButtonBase>
      )}
      {asked ? <WordsDrawer text={text} onClose={() => setText(null)} /> : null}
    </>
  );
}

/** Everything that stands in the view, pictures and their names included, word apart from word; not the meanings themselves. */
function textOfView(): string {
  const words: string[] = [];
  const walker = document.createTreeWalker(
    document.body,
    NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT,
    {
      acceptNode: (node) =>
        node instanceof Element && node.matches('script, style, nav, [role="dialog"]')
          ? NodeFilter.FILTER_REJECT
          : NodeFilter.FILTER_ACCEPT,
    },
  );
  for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
    if (node instanceof Element) words.push(node.getAttribute('aria-label') ?? '');
    else words.push(node.textContent ?? '');
  }
  return words.join(' ');
}
