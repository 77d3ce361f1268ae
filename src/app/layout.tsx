import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import CssBaseline from '@mui/material/CssBaseline';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { ThemeProvider } from '@mui/material/styles';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import '@/ui/fonts';
import { ShopUnitsProvider } from '@/ui/fields/shop-units';
import { SnackProvider } from '@/ui/snack';
import { figureUnits } from './figure-units';
import { theme } from '@/ui/theme';

export const metadata: Metadata = {
  title: { default: 'Olvik', template: '%s · Olvik' },
  description: 'The working clock of a pizza bakery that raises its dough on living leavens.',
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#EFE8D9' },
    { media: '(prefers-color-scheme: dark)', color: '#14110F' },
  ],
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-scheme" defaultMode="system" nonce={nonce} />
        <AppRouterCacheProvider options={{ key: 'css', nonce, enableCssLayer: true }}>
          <ThemeProvider theme={theme} defaultMode="system" noSsr>
            <CssBaseline />
            <ShopUnitsProvider units={figureUnits()}>
              <SnackProvider>{children}</SnackProvider>
            </ShopUnitsProvider>
          </ThemeProvider>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
