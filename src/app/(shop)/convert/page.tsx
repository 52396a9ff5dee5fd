import { Convert } from '@/features/blends/convert';
import { pages as wording } from '@/messages/screens/app';

export const metadata = { title: wording.weightAndVolume };

export default function Page() {
  return <Convert />;
}
