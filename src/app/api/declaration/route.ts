import { takeDeclaration } from '@/features/stores/routes';
import { route } from '@/web/route';

export const POST = route(takeDeclaration);
