export { useSendKeptEdits, useWaitingTicks } from "./keptEdits";
export { type PartId, partOf } from "./parts";
export { TodaysDay } from "./TodaysDay";
export { takePlansAlong } from "./usePlan";
