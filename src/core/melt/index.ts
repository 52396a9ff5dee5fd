export { type Melt, type MeltRow, melt } from './melt';
export { fitPan, type LoggedMelt, type PanConstants } from './fit';
export {
  BURST_S,
  POT_ALARMS,
  POT_CALLS,
  POT_HEATERS,
  type PotCall,
  type PotHeater,
  type PotNow,
  potCalls,
  potCallsAt,
  type PotMoments,
} from './pot-calls';
