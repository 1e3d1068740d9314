import { inSlices } from '@/features/shell/late';
import { TodayScreen } from '@/features/log/today/TodayScreen';

export default inSlices(TodayScreen);
