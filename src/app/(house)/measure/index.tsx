import { workshopScreen } from '@/features/workshop';

export default workshopScreen('PassScreen');
