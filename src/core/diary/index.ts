export { diaryOf, type DiaryPage } from './diary';
