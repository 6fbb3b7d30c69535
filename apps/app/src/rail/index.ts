export { WithRail } from './rail';
