import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { isDim } from '@/web/session';
import { KeepOffline } from '@/ui/keep-offline';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Rendle', template: '%s · Rendle' },
  description: 'Blends, coats, cure and care for makers of boards, spoons and bowls',
};

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" data-scheme={(await isDim()) ? 'dim' : 'day'}>
      <body>
        {children}
        <KeepOffline />
      </body>
    </html>
  );
}
