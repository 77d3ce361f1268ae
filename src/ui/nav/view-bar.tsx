'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { useAppearance } from '../appearance';
import { rem } from '../rem';
import { BAR_HEIGHT, BAR_WIDTH } from '../bar-size';
import { BarMark } from './bar-mark';
import { LinkOnItsWay, OnItsWay } from '../on-its-way';
import { useNavKeys } from './use-nav-keys';
import { BAR, BARE, viewAt } from './views';

// What opens on a tap comes when it is first asked for: no view waits for it.
const MoreSheet = dynamic(() => import('./more-sheet').then((one) => one.MoreSheet), {
  ssr: false,
});
const FindDialog = dynamic(() => import('./find-dialog').then((one) => one.FindDialog), {
  ssr: false,
});

/**
 * The views by name beside every view, at the thumb on a phone.
 * @param props.who who is at this device, where more than one works
 */
export function ViewBar({ who }: { who?: ReactNode }) {
  const path = usePathname();
  const current = viewAt(path);
  const [open, setOpen] = useState<'more' | 'find' | null>(null);
  const [asked, setAsked] = useState(false);
  const show = (what: 'more' | 'find') => {
    setAsked(true);
    setOpen(what);
  };
  const close = () => setOpen(null);
  const onItsWay = useNavKeys(() => show('find'));
  // A look by the clock follows it in every view.
  useAppearance();
  const inBar = BAR.some((view) => view === current);
  if (BARE.has(path)) return null;
  return (
    <Box component="nav" aria-label={tr`Views`} className="no-print" sx={FRAME}>
      {BAR.map((view) => (
        <BarItem key={view.href} name={view.name} current={view === current}>
          {(looks) => (
            <ButtonBase
              component={Link}
              href={view.href}
              // Fetched when it is asked for: with every view, five others would be worked out for nobody.
              prefetch={false}
              aria-current={view === current ? 'page' : undefined}
              aria-keyshortcuts={`g ${view.key ?? ''}`}
              sx={looks}
            >
              <BarMark of={view.href} />
              {view.name}
              <LinkOnItsWay />
            </ButtonBase>
          )}
        </BarItem>
      ))}
      <BarItem name={tr`More`} current={current !== null && !inBar}>
        {(looks) => (
          <ButtonBase
            aria-haspopup="dialog"
            aria-expanded={open === 'more'}
            onClick={() => show('more')}
            sx={looks}
          >
            <BarMark of="more" />
            {tr`More`}
          </ButtonBase>
        )}
      </BarItem>
      {who}
      {onItsWay ? <OnItsWay /> : null}
      {asked ? (
        <>
          <MoreSheet
            open={open === 'more'}
            current={current}
            onClose={close}
            onFind={() => show('find')}
          />
          <FindDialog open={open === 'find'} onClose={close} />
        </>
      ) : null}
    </Box>
  );
}

const FRAME = {
  zIndex: 1050,
  background: 'var(--flour)',
  display: 'flex',
  position: { xs: 'fixed', sm: 'sticky' },
  flexDirection: { xs: 'row', sm: 'column' },
  top: { sm: 0 },
  bottom: { xs: 0, sm: 'auto' },
  left: { xs: 0 },
  width: { xs: '100%', sm: BAR_WIDTH },
  height: { xs: BAR_HEIGHT, sm: '100dvh' },
  borderTop: { xs: '2px solid var(--ink)', sm: 0 },
  borderRight: { sm: '2px solid var(--ink)' },
  overflow: { sm: 'auto' },
} as const;

/** One name of the bar: the current one stands on paper with a keel at its side. */
function BarItem(props: {
  name: string;
  current: boolean;
  children: (looks: object) => ReactNode;
}) {
  const { current, children } = props;
  return children({
    flex: { xs: '1 1 0', sm: 'none' },
    minWidth: 0,
    width: { sm: '100%' },
    minHeight: { xs: BAR_HEIGHT - 2, sm: 68 },
    display: 'flex',
    flexDirection: 'column',
    gap: 0.25,
    font: 'inherit',
    fontFamily: 'var(--font-names, inherit)',
    fontSize: rem(14),
    fontWeight: current ? 700 : 400,
    color: 'var(--ink)',
    background: current ? 'var(--paper)' : 'transparent',
    boxShadow: {
      xs: current ? 'inset 0 4px 0 var(--ink)' : 'none',
      sm: current ? 'inset 4px 0 0 var(--ink)' : 'none',
    },
    '&:focus-visible': { outline: '3px solid var(--ink)', outlineOffset: -5 },
  });
}
