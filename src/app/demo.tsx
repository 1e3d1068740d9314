export { DemoScreen as default } from '@/features/start/DemoScreen';
