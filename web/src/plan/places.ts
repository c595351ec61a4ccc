// fetched together, after the first view: whoever plans changes the plan, prints a lesson, and teaches it
export { WholePlan } from './WholePlan';
export { LessonPaper } from './LessonPaper';
export { TeachPart } from './TeachPart';
export { LessonLine } from './LessonLine';
