import type { ReactNode } from 'react';
import { Shell } from '@/trade/shell/shell';

export default function ShopLayout({ children }: { readonly children: ReactNode }) {
  return <Shell>{children}</Shell>;
}
