// fetched together: whoever finds an activity looks at it, prints it, or plays it
export { Activities } from './Activities';
export { Activity } from './Activity';
export { ActivityPaper } from './ActivityPaper';
export { Play } from './Play';
