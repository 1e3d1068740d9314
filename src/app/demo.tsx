export { DemoScreen as default } from '@/features/welcome/DemoScreen';
