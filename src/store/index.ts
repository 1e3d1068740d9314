export { freshId, keep, loadDraft, saveDraft, undoLast } from './keep';
export {
  DEMO_ID,
  chooseTheme,
  exportHouse,
  findDropped,
  importHouse,
  openCurrent,
  openDemo,
  readClock,
  readScopeHistory,
  startHouse,
  switchHouse,
  wipeHouse,
  type ImportError,
} from './houses';
export { momentOf, type Outside, type Supplier } from './outside';
export {
  selectDecides,
  selectForecast,
  selectJobs,
  selectJobsById,
  selectLedger,
  selectBlankContext,
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
export { loadPhoto, takePhoto } from './photos';
export { askShops, askWhereItIs, planTheCuts, readLaser, tryChanges, weigh } from './ask';
export { createStore, type RootState, type Store } from './store';
