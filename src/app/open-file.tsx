export { OpenFileScreen as default } from '@/features/share/OpenFileScreen';
