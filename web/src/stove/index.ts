export { EventList } from "./EventList";
export { StovePlace } from "./StovePlace";
export { Trace } from "./Trace";
export { type Run, useRun, useRuns, useTell } from "./useRuns";
export { useServerNow } from "./useServerNow";
export { stageWord } from "./words";
