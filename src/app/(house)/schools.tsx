export { SchoolsScreen as default } from '@/features/whatif/SchoolsScreen';
