export { PlanningWork } from './planning-work';
