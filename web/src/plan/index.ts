export { useSendKeptEdits, useWaitingTicks } from "./keptEdits";
export { isPart, partOf } from "./parts";
export { TodaysDay } from "./TodaysDay";
export { takePlansAlong } from "./usePlan";
