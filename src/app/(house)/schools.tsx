import { lateScreen } from '@/features/shell/late';

export default lateScreen('PracticesScreen');
