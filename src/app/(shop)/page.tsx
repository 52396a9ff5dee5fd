import { Today } from '@/features/today/today';

export default function TodayPage() {
  return <Today />;
}
