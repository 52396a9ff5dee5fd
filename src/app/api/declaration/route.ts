export { takeDeclaration as POST } from '@/features/stores/routes';
