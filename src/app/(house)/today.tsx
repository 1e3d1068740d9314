import { inSlices } from '@/features/late';
import { TodayScreen } from '@/features/today/TodayScreen';

export default inSlices(TodayScreen);
