export { GET } from '@/features/today/hands-feed';
