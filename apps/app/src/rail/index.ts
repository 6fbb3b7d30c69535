export { RailList, RailStrip } from './rail';
