export { KeysScreen as default } from '@/features/keys/KeysScreen';
