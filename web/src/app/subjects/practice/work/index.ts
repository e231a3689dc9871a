export { LearningWork, type LookedAt, type SetUpShown, type Shown } from './learning-work';
