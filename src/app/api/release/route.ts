export { GET } from '@/features/release/record-route';
