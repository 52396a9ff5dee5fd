export { GET } from '@/features/care/owner-route';
