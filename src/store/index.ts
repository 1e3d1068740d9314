export { freshId, keep, loadDraft, saveDraft, undoLast } from './keep';
export {
  DEMO_ID,
  chooseTheme,
  exportHouse,
  importHouse,
  openCurrent,
  openDemo,
  readClock,
  startHouse,
  switchHouse,
  wipeHouse,
  type ImportError,
} from './houses';
export { momentOf, type Outside } from './outside';
export {
  selectForecast,
  selectJobs,
  selectJobsById,
  selectLedger,
  selectLogContext,
  selectOpenFirst,
  selectPlaces,
  selectPlan,
  selectPlanning,
  selectProject,
  selectSession,
  selectToday,
  selectTonight,
  useAppDispatch,
  useAppSelector,
} from './selectors';
export { placeNameIn, placeOf } from './names';
export { noticed } from './session';
export { weigh } from './weigh';
export { createStore, type RootState, type Store } from './store';
