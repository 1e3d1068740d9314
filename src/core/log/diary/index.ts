export { diaryOf, pageSums, type DiaryPage } from './diary';
