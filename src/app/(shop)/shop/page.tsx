import type { Metadata } from 'next';
import { ShopPage } from '@/features/settings/shop-page';

export const metadata: Metadata = { title: 'The shop' };

export default function Shop() {
  return <ShopPage />;
}
