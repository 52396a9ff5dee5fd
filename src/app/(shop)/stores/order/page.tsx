import type { Metadata } from 'next';
import { Order } from '@/features/stores/order';

export const metadata: Metadata = { title: 'What to order' };

export default function OrderPage() {
  return <Order />;
}
