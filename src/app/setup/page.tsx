import { SetUpPage } from '@/features/settings/shop-page';

export default function SetUp() {
  return <SetUpPage />;
}
