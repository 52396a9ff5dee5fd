import { Bare } from '@/web/bare';

export default function Page() {
  return <Bare />;
}
