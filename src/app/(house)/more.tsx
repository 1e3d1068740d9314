export { MoreScreen as default } from '@/features/shell/MoreScreen';
