import { Convert } from '@/features/blends/convert';

export const metadata = { title: 'Weight and volume' };

export default function Page() {
  return <Convert />;
}
