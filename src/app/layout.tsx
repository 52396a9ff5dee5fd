import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { pages as wording } from '@/messages/screens/app';
import { KeepOffline } from '@/ui/keep-offline';
import { Walk } from '@/ui/walk';
import { isDim } from '@/web/session';
import { fontClasses } from './fonts';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Rendle', template: wording.sRendle },
  description: wording.blendsCoatsCureAnd,
};

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" data-scheme={(await isDim()) ? 'dim' : 'day'} className={fontClasses}>
      <body>
        <noscript>
          <p className="border-late border-b-4 bg-paper px-4 py-2 font-semibold">{wording.withoutScriptThisPage}</p>
        </noscript>
        {children}
        <Walk />
        <KeepOffline />
      </body>
    </html>
  );
}
