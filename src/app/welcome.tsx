export { WelcomeScreen as default } from '@/features/start/WelcomeScreen';
