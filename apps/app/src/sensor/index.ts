export { CurvePanel } from './curve-panel';
