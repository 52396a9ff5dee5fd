import type { Metadata } from 'next';
import { ShopPage } from '@/features/settings/shop-page';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.theShop };

export default function Shop() {
  return <ShopPage />;
}
