import { SetUpPage } from '@/features/shop/shop-page';

export default function SetUp() {
  return <SetUpPage />;
}
