export { ToldScreen as default } from '@/features/walk/ToldScreen';
