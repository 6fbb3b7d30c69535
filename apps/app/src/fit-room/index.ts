export { choiceOf, type Choice, useChosenSitting } from './model/chosen-sitting';
export { PLAIN_RIDER } from './model/room-state';
export { ThumbMap } from './views/tried-list';
export { REAL_LOAD_DRAFT, type RealLoads, realLoadKey } from './model/real-load';
