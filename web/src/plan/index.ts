export { useSendKeptEdits, useWaitingTicks } from "./keptEdits";
export { PlanPage } from "./PlanPage";
export { PlansPage } from "./PlansPage";
export { type PartId, partOf } from "./parts";
export { TodaysDay } from "./TodaysDay";
export { takePlansAlong } from "./usePlan";
