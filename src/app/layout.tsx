import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { KeepOffline } from '@/ui/keep-offline';
import { Walk } from '@/ui/walk';
import { isDim } from '@/web/session';
import { fontClasses } from './fonts';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Rendle', template: '%s · Rendle' },
  description: 'Blends, coats, cure and care for makers of boards, spoons and bowls',
};

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" data-scheme={(await isDim()) ? 'dim' : 'day'} className={fontClasses}>
      <body>
        <noscript>
          <p className="border-late border-b-4 bg-paper px-4 py-2 font-semibold">
            ▲ Without script this page can be read, not worked with: nothing that is touched here is recorded. Switch script on in
            the browser, or write on paper and record it later.
          </p>
        </noscript>
        {children}
        <Walk />
        <KeepOffline />
      </body>
    </html>
  );
}
