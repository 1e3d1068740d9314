export { WalkScreen as default } from '@/features/walk/WalkScreen';
