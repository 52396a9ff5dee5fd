import type { Metadata } from 'next';
import { Order } from '@/features/stores/order';
import { pages as wording } from '@/messages/screens/app';

export const metadata: Metadata = { title: wording.whatToOrder };

export default function OrderPage() {
  return <Order />;
}
