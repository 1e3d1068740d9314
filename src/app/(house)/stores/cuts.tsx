export { CutsScreen as default } from '@/features/stores/CutsScreen';
