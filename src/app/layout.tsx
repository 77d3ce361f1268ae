import { tr } from '@/words/tr';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import Box from '@mui/material/Box';
import CssBaseline from '@mui/material/CssBaseline';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { ThemeProvider } from '@mui/material/styles';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import { Suspense, type ReactNode } from 'react';
import '@/ui/fonts';
import { HouseDaysProvider } from '@/ui/fields/house-days';
import { ShopUnitsProvider } from '@/ui/fields/shop-units';
import { SnackProvider } from '@/ui/snack';
import { sayWhoAction, sendLate } from './actions';
import { crew } from './crew';
import { houseFacts, type HouseFacts } from './house-facts';
import { whoAsks } from './who-asks';
import { dayNames } from '@/words/days';
import { language } from '@/words/speaker';
import { Speaking } from '@/ui/speaking';
import { BAR_HEIGHT } from '@/ui/bar-size';
import { ViewBar } from '@/ui/nav/view-bar';
import { KeepPictures } from '@/ui/pictures/keep-pictures';
import { KeptLine } from '@/ui/pictures/kept-line';
import { theme } from '@/ui/theme';
import { WaitingLine } from '@/ui/waiting/waiting-line';
import { WhoHere } from '@/ui/who/who-here';
import { WhoProvider } from '@/ui/who/who';

/** The bar beside the view; on a phone under it, where the thumb is. */
const HOUSE = {
  display: { sm: 'grid' },
  gridTemplateColumns: { sm: 'auto minmax(0, 1fr)' },
  '&:has(> nav)': { pb: { xs: `${BAR_HEIGHT}px`, sm: 0 } },
  '@media print': { display: 'block', pb: 0 },
  // A line over the view takes its height from a view that fills the screen.
  '&:has([data-over-view])': { '--over-view': '50px' },
};

export const metadata: Metadata = {
  title: { default: 'Olvik', template: '%s · Olvik' },
  get description() {
    return tr`The working clock of a pizza bakery that raises its dough on living leavens.`;
  },
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#EFE8D9' },
    { media: '(prefers-color-scheme: dark)', color: '#14110F' },
  ],
};

/** What is said over every view: that the shop is away, and what waits for it. */
function OverView({ house }: { house: HouseFacts | null }) {
  return (
    <>
      {house === null ? null : <KeptLine nowMs={house.nowMs} timeZone={house.units.timeZone} />}
      <WaitingLine send={sendLate} timeZone={house?.units.timeZone ?? null} />
    </>
  );
}

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  // A device that is not let in is told nothing of the shop, not even its units.
  const who = await whoAsks();
  const house = who === null ? null : houseFacts();
  const units = house?.units ?? null;
  const spoken = language();
  const people = who === null || who.role === 'wall' ? [] : crew();
  return (
    <html lang={spoken} suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-scheme" defaultMode="system" nonce={nonce} />
        <AppRouterCacheProvider options={{ key: 'css', nonce, enableCssLayer: true }}>
          <ThemeProvider theme={theme} defaultMode="system" noSsr>
            <CssBaseline />
            <Speaking language={spoken} days={dayNames()}>
              <ShopUnitsProvider units={units}>
                <HouseDaysProvider house={house}>
                  <WhoProvider person={who?.person ?? null}>
                    <SnackProvider>
                      {who === null ? null : (
                        <Suspense>
                          <KeepPictures />
                        </Suspense>
                      )}
                      <Box sx={HOUSE}>
                        <ViewBar
                          who={
                            people.length < 2 ? null : (
                              <WhoHere people={people} sayWho={sayWhoAction} />
                            )
                          }
                        />
                        <Box sx={{ minWidth: 0, gridColumn: { sm: -2 } }}>
                          <OverView house={house} />
                          {children}
                        </Box>
                      </Box>
                    </SnackProvider>
                  </WhoProvider>
                </HouseDaysProvider>
              </ShopUnitsProvider>
            </Speaking>
          </ThemeProvider>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
