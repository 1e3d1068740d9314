export { FinishesScreen } from '@/features/finishes';
export { LayoutScreen } from '@/features/layout';
export { MeasureScreen, PassScreen } from '@/features/measure';
export { CutsScreen, ShopListScreen } from '@/features/stores';
export { SumScreen, SumsScreen } from '@/features/sums';
