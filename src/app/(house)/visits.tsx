import { lateScreen } from '@/features/late';

export default lateScreen('VisitsScreen');
