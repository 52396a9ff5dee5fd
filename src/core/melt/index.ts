export { fitPan, type LoggedMelt, type PanConstants } from './fit';
export { type Melt, type MeltRow, melt } from './melt';
export {
  BURST_S,
  POT_ALARMS,
  POT_CALLS,
  POT_HEATERS,
  type PotCall,
  type PotHeater,
  type PotMoments,
  type PotNow,
  potCalls,
  potCallsAt,
} from './pot-calls';
