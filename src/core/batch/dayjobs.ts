import { type Geometry, roomTaken } from '@/core/piece';
import type { DayInput } from '@/core/plan';
import { ROOM_UNITS } from '../regimen';
import type { Task } from './task';

type Spots = DayInput['spots'];
type Step = DayInput['batches'][number]['steps'][number];

/** The wait of a task with what it holds of a place meanwhile; what is too much for the place takes all of it. */
export function waitIn(geometry: Geometry, { step, wait, pieces }: Task, spots: Spots): Step['wait'] {
  const spot = spots?.find((one) => one.id === step.place);
  const unit = step.place ? ROOM_UNITS[step.place] : null;
  return spot && unit ? { ...wait, spot: spot.id, units: Math.min(spot.capacity, roomTaken(geometry, pieces, unit)) } : wait;
}

/** Tasks as the whole shop's planner takes them. */
export const dayJobs = (geometry: Geometry, tasks: readonly Task[], spots: Spots): Step[] =>
  tasks.map((task) => ({ id: task.key, handsMin: task.handsMin, wait: waitIn(geometry, task, spots) }));
