export { fitPan, type LoggedMelt } from './fit';
export { type MeltRow, melt } from './melt';
export {
  BURST_S,
  POT_ALARMS,
  POT_HEATERS,
  type PotCall,
  type PotHeater,
  type PotMoments,
  type PotNow,
  potCallsAt,
} from './pot-calls';
