export { archOfDecision, sectionOfDecision } from './decision-shapes';
