export { JournalScreen as default } from '@/features/journal/JournalScreen';
